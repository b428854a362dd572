package knollwind.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.dressing.DressKinds;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.TrackKey;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Numbers that change with time. One that carries keys is never set for all times: while keys are recorded it is set at the playhead,
 * else in the key that is in force there. While keys are recorded, a number that stood still begins to change.
 */
final class RecordedKeys {
    /** The members of a block that may carry keys and are plain numbers, and what they are where nothing is said. */
    private static final Map<String, Double> NUMBERS =
            Map.of("place/rotation", 0.0, "place/scale", 1.0, "opacity", 1.0);

    /** The numbers of the lengths that say where a block stands; both together are a place, which moves along a path. */
    private static final Set<String> COORDINATES = Set.of("place/x/value", "place/y/value");

    private static final String DRESS_NUMBER = "dress/[^/]+/numbers/[^/]+";
    private static final String DRESS_COLOUR = "dress/[^/]+/colours/[^/]+";

    private RecordedKeys() {}

    /** The changes as they are made to keys, and what is to be said of that. */
    static Outcome of(Draft draft, Looking looking, List<Operation> operations) {
        if (operations.stream().noneMatch(one -> isNumber(one) || isCoordinate(one))) {
            return Outcome.of(operations, "");
        }
        ShownBlocks shown = ShownBlocks.of(draft, looking);
        List<Operation> all = new ArrayList<>();
        Set<String> said = new LinkedHashSet<>();
        for (Operation operation : operations) {
            if (isNumber(operation)) {
                all.addAll(keyed(shown, looking, (Operation.Set) operation, said));
            } else if (isCoordinate(operation)) {
                all.add(coordinate(shown, looking, (Operation.Set) operation));
            } else {
                all.add(operation);
            }
        }
        return Outcome.saying(all, String.join(" ", said));
    }

    private static boolean isNumber(Operation operation) {
        return isOneOf(operation, NUMBERS.keySet()) || isDress(operation);
    }

    /** A number or a colour of what a block is dressed with. */
    private static boolean isDress(Operation operation) {
        return operation instanceof Operation.Set set
                && BlockPath.of(set.at())
                        .filter(path -> path.member().matches(set.value().isNumber() ? DRESS_NUMBER : DRESS_COLOUR))
                        .isPresent()
                && (set.value().isNumber() || set.value().isString());
    }

    private static boolean isCoordinate(Operation operation) {
        return isOneOf(operation, COORDINATES);
    }

    private static boolean isOneOf(Operation operation, Set<String> members) {
        return operation instanceof Operation.Set set
                && set.value().isNumber()
                && BlockPath.of(set.at())
                        .filter(path -> members.contains(path.member()))
                        .isPresent();
    }

    /** One coordinate alone, while keys are recorded: it begins to change, in the unit that it has. */
    private static Operation coordinate(ShownBlocks shown, Looking looking, Operation.Set set) {
        BlockPath path = BlockPath.of(set.at()).orElseThrow();
        Block block = looking.recording() ? shown.block(path).orElse(null) : null;
        BlockScore score = block == null || block.place().attach() != null ? null : shown.score(path);
        JsonNode now = score == null
                ? Nodes.object()
                : Nodes.at(DocumentJson.blockTree(block), path.inside().subList(0, 2));
        if (!now.has("unit") || !within(looking.frame(), score.timing())) {
            return set;
        }
        ObjectNode after = (ObjectNode) now.deepCopy();
        after.set("value", set.value());
        String at = set.at().substring(0, set.at().lastIndexOf('/'));
        return new Operation.Set(at, begun(now, looking, after, score.timing()));
    }

    private static boolean within(double frame, BlockTiming timing) {
        return frame > timing.start() && frame < timing.end();
    }

    private static List<Operation> keyed(ShownBlocks shown, Looking looking, Operation.Set set, Set<String> said) {
        BlockPath path = BlockPath.of(set.at()).orElseThrow();
        Block block = shown.block(path).orElse(null);
        if (block == null) {
            return List.of(set);
        }
        JsonNode now = Nodes.at(DocumentJson.blockTree(block), path.inside());
        ArrayNode track = now.path("track") instanceof ArrayNode keys ? keys : null;
        BlockScore score = track == null && !looking.recording() ? null : shown.score(path);
        if (score == null) {
            return List.of(set);
        }
        BlockTiming timing = score.timing();
        double frame = looking.frame();
        if (track == null) {
            JsonNode before = now.isNumber() || now.isString() ? now : usual(block, path);
            return List.of(
                    within(frame, timing)
                            ? new Operation.Set(set.at(), begun(before, looking, set.value(), timing))
                            : set);
        }
        BlockKeys keys = new BlockKeys(set.at() + "/track", track.valueStream().toList(), timing);
        if (looking.recording()) {
            return keys.put(frame, set.value(), looking.holding());
        }
        JsonNode key = keys.inForce(frame);
        said.add("Changed the key at frame " + Math.round(keys.time(key)) + ".");
        return List.of(new Operation.Set(keys.at() + "/" + Nodes.id(key) + "/value", set.value()));
    }

    /** What a value is that the document does not say. */
    private static JsonNode usual(Block block, BlockPath path) {
        if (NUMBERS.containsKey(path.member())) {
            return Nodes.number(NUMBERS.get(path.member()));
        }
        Dressing dressing = block.dressings().stream()
                .filter(one -> one.id().equals(path.inside().get(1)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no such dressing"));
        return DressKinds.usual(dressing, path.inside().get(3))
                .map(DocumentJson::tree)
                .orElseThrow(() -> new IllegalArgumentException("it has no such value"));
    }

    /** What stood still keeps its value at the start and goes from there to the new one. */
    private static ObjectNode begun(JsonNode before, Looking looking, JsonNode value, BlockTiming timing) {
        ObjectNode track = Nodes.object();
        ArrayNode keys = track.putArray("track");
        BlockKeys.Anchored start = new BlockKeys.Anchored(TrackKey.Anchor.START, 0);
        String easing = looking.holding() ? NamedEasings.HOLD : NamedEasings.GENTLY;
        keys.add(BlockKeys.key("k1", start, before, easing));
        keys.add(BlockKeys.key("k2", BlockKeys.anchored(looking.frame(), timing), value, "linear"));
        return track;
    }
}
