package knollwind.core.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What blocks hang on for their place and size: the block they are attached to, the blocks a plate lies behind. */
public final class Links {
    private Links() {}

    /** Ids that must be laid out before the block is; some may belong to no block. */
    public static List<String> of(Block block) {
        List<String> links = new ArrayList<>();
        if (block.place().attach() != null) {
            links.add(block.place().attach().to());
        }
        if (block.place().follow() != null) {
            links.add(block.place().follow().to());
        }
        block.asPlate().map(ShapeBlock.Plate::behind).ifPresent(links::addAll);
        return links;
    }

    /** True when a block is another one, or hangs on it over however many links. */
    public static boolean reaches(Block from, String to, List<Block> blocks) {
        return reaches(from, to, blocks, new HashSet<>());
    }

    private static boolean reaches(Block from, String to, List<Block> blocks, Set<String> seen) {
        if (from.id().equals(to)) {
            return true;
        }
        if (!seen.add(from.id())) {
            return false;
        }
        List<String> links = of(from);
        return blocks.stream()
                .filter(block -> links.contains(block.id()))
                .anyMatch(block -> reaches(block, to, blocks, seen));
    }

    /**
     * Refuses blocks that hang on each other in a circle.
     *
     * @throws IllegalArgumentException with the names along the circle
     */
    public static void check(List<Block> blocks) {
        Map<String, Block> byId = blocks.stream().collect(Collectors.toMap(Block::id, block -> block));
        Map<String, Boolean> done = new HashMap<>();
        for (Block block : blocks) {
            follow(block, byId, done, new ArrayList<>());
        }
    }

    private static void follow(Block block, Map<String, Block> byId, Map<String, Boolean> done, List<Block> way) {
        if (way.contains(block)) {
            List<Block> circle = new ArrayList<>(way.subList(way.indexOf(block), way.size()));
            circle.add(block);
            throw new IllegalArgumentException("these blocks would hang on each other in a circle: "
                    + circle.stream().map(one -> '"' + one.name() + '"').collect(Collectors.joining(" on "))
                    + ". Detach one of them first.");
        }
        if (done.containsKey(block.id())) {
            return;
        }
        way.add(block);
        for (String id : of(block)) {
            Block next = byId.get(id);
            if (next != null) {
                follow(next, byId, done, way);
            }
        }
        way.remove(way.size() - 1);
        done.put(block.id(), true);
    }
}
