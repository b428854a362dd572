package knollwind.core.edit;

import java.util.List;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Value;

/**
 * A plate right behind a block of words, that lasts as long as they do and waits for them.
 *
 * @param words id of their block
 */
public record AddPlate(String scene, String words) implements Intent {
    /** A dark ground that light words can be read on. */
    private static final Fill COLOUR = new Fill.Solid(Value.of("#0b1a26"));

    /** Room around the words, px of the base format: twice as much beside them as above, as their lines have leading. */
    private static final ShapeBlock.Padding PADDING = new ShapeBlock.Padding(28, 14, 28, 14);

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block behind = Nodes.blockOf(open, words);
        if (behind.asWords().isEmpty()) {
            throw new IllegalArgumentException("a plate lies behind words; \u201c" + behind.name() + "\u201d has none");
        }
        ShapeBlock.Shape plate = new ShapeBlock.Plate(List.of(words), PADDING, 0, Pivot.Box.METRIC, true);
        NewBlock made = NewBlock.of(draft, open, "plate", "Plate", 0).during(behind.span());
        return NewBlock.put(open, made.shape(plate, COLOUR), open.blocks().indexOf(behind));
    }
}
