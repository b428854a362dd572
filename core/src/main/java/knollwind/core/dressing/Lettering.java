package knollwind.core.dressing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/** The letters that a list paints, in their order, each with what cuts it. */
final class Lettering {
    /** @param matrix onto the px of the list; flat */
    record Placed(Outline outline, Matrix matrix) {}

    /** @param clips what it is cut by */
    record Letter(Placed placed, List<Placed> clips) {
        Outline outline() {
            return placed.outline();
        }

        Matrix matrix() {
            return placed.matrix();
        }
    }

    private final List<Letter> letters = new ArrayList<>();
    private final Deque<List<Placed>> opened = new ArrayDeque<>();
    private List<Placed> clips = List.of();

    private Lettering() {}

    /** Those that lie in the plane. */
    static List<Letter> of(DisplayList list) {
        Lettering lettering = new Lettering();
        Walk.over(list, lettering::take);
        return lettering.letters;
    }

    /** What stands in the plane, filled or only outlined, each once. */
    static List<Placed> standing(DisplayList list) {
        Set<Placed> standing = new LinkedHashSet<>();
        Walk.over(list, (paint, matrix) -> {
            PaintOp.Fill fill = paint instanceof PaintOp.Stroke stroke
                    ? stroke.fill()
                    : paint instanceof PaintOp.Fill filled ? filled : null;
            if (fill != null && matrix.isFlat() && !fill.outline().isEmpty()) {
                standing.add(new Placed(fill.outline(), matrix));
            }
        });
        return List.copyOf(standing);
    }

    private void take(PaintOp paint, Matrix matrix) {
        if (paint.opens()) {
            opened.push(clips);
        } else if (paint instanceof PaintOp.Restore && !opened.isEmpty()) {
            clips = opened.pop();
        } else if (paint instanceof PaintOp.Clip clip && matrix.isFlat()) {
            List<Placed> narrower = new ArrayList<>(clips);
            narrower.add(new Placed(clip.outline(), matrix));
            clips = List.copyOf(narrower);
        } else if (paint instanceof PaintOp.Fill fill
                && matrix.isFlat()
                && !fill.outline().isEmpty()) {
            letters.add(new Letter(new Placed(fill.outline(), matrix), clips));
        }
    }
}
