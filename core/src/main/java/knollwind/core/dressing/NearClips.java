package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/**
 * A list whose clips reach no further than what they clip. Boxes that uncover letters reach far beyond any frame; leaned over, such a box
 * would make the layer that it stands in as large as the frame.
 */
final class NearClips {
    private NearClips() {}

    /** @param room around all ink of the list, in its px */
    static DisplayList of(DisplayList list, Box room) {
        List<PaintOp> near = new ArrayList<>();
        Walk.over(
                list,
                (paint, matrix) -> near.add(paint instanceof PaintOp.Clip clip ? nearer(clip, matrix, room) : paint));
        return new DisplayList(near);
    }

    private static PaintOp nearer(PaintOp.Clip clip, Matrix matrix, Box room) {
        Optional<Matrix> back = matrix.isFlat() ? matrix.back() : Optional.empty();
        if (back.isEmpty() || !clip.outline().isRectangle()) {
            return clip;
        }
        Box inside = clip.outline().ink().inside(back.get().map(room));
        return inside.isEmpty() ? clip : new PaintOp.Clip(Outline.rectangle(inside));
    }
}
