package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;

/**
 * Lays blocks of a scene before or behind others; among themselves they keep their order.
 *
 * @param other the block that they are laid right over or under; null where they are laid elsewhere
 */
public record RestackBlocks(String scene, List<String> blocks, To to, String other) implements Intent {
    /** Where they are laid. */
    public enum To {
        /** Before all others. */
        @JsonProperty("front")
        FRONT,
        /** Before the next one that lies before them. */
        @JsonProperty("nearer")
        NEARER,
        /** Behind the next one that lies behind them. */
        @JsonProperty("further")
        FURTHER,
        /** Behind all others. */
        @JsonProperty("back")
        BACK,
        /** Right before one other. */
        @JsonProperty("over")
        OVER,
        /** Right behind one other. */
        @JsonProperty("under")
        UNDER
    }

    public RestackBlocks {
        blocks = Check.list(blocks);
        Check.present(to, "where the blocks are to lie");
    }

    @Override
    public Outcome on(Draft draft) {
        List<String> before =
                draft.scene(scene).blocks().stream().map(Block::id).toList();
        List<String> after = new ArrayList<>(before);
        switch (to) {
            case FRONT -> split(after, false);
            case BACK -> split(after, true);
            case OVER, UNDER -> beside(after);
            case NEARER -> {
                for (int i = after.size() - 2; i >= 0; i--) {
                    pass(after, i, i + 1);
                }
            }
            case FURTHER -> {
                for (int i = 1; i < after.size(); i++) {
                    pass(after, i, i - 1);
                }
            }
        }
        List<Operation> operations = new ArrayList<>();
        List<String> now = new ArrayList<>(before);
        for (int i = 0; i < after.size(); i++) {
            String id = after.get(i);
            if (!now.get(i).equals(id)) {
                operations.add(new Operation.Reorder(BlockPath.of(scene, id), i));
                now.remove(id);
                now.add(i, id);
            }
        }
        return Outcome.of(operations, "");
    }

    private void split(List<String> order, boolean chosenFirst) {
        List<String> chosen = order.stream().filter(blocks::contains).toList();
        List<String> others = order.stream().filter(id -> !blocks.contains(id)).toList();
        order.clear();
        order.addAll(chosenFirst ? chosen : others);
        order.addAll(chosenFirst ? others : chosen);
    }

    private void beside(List<String> order) {
        if (!order.contains(other)) {
            throw new IllegalArgumentException("the scene has no block '" + other + "'");
        }
        if (blocks.contains(other)) {
            return;
        }
        List<String> chosen = order.stream().filter(blocks::contains).toList();
        order.removeAll(chosen);
        order.addAll(order.indexOf(other) + (to == To.OVER ? 1 : 0), chosen);
    }

    private void pass(List<String> order, int at, int other) {
        if (blocks.contains(order.get(at)) && !blocks.contains(order.get(other))) {
            Collections.swap(order, at, other);
        }
    }
}
