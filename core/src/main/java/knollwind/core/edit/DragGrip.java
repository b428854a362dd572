package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;

/**
 * Drags something of a block in the picture that has a place there: light that falls, a place in it, a colour of its gradient.
 *
 * @param format id of the format that is looked at
 * @param grip its id
 * @param x px of the format's frame
 * @param y px of the format's frame
 */
public record DragGrip(String scene, String format, String block, String grip, double x, double y) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block shown = Nodes.shownBlock(open, format, block);
        BlockScore score = draft.scores(open, open.format(format)).get(block);
        if (score == null) {
            throw new IllegalArgumentException(
                    "\u201c" + shown.name() + "\u201d is never on, so nothing of it is dragged");
        }
        List<Operation> operations = new ArrayList<>();
        score.dragged(grip, new Point(x, y))
                .forEach((path, value) -> operations.add(
                        new Operation.Set(BlockPath.of(scene, block) + "/" + path, Nodes.number(value))));
        return Outcome.of(operations, "");
    }
}
