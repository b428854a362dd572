package knollwind.core.dressing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Union;

/** A list in which fills that touch are one, as far as they are clipped and laid down alike. Its inks are those of the first ones. */
final class Joined {
    /** A fill that nothing else than its place tells from others of its stretch. */
    private record Met(int index, PaintOp.Fill fill, Matrix onto) {
        boolean touches(Met other) {
            return fill.opacity() == other.fill.opacity()
                    && !onto.map(fill.outline().ink())
                            .inside(other.onto.map(other.fill.outline().ink()))
                            .isEmpty()
                    && Union.touch(placed(Matrix.IDENTITY), other.placed(Matrix.IDENTITY));
        }

        Union.Placed placed(Matrix from) {
            return new Union.Placed(fill.outline(), from.times(onto));
        }
    }

    private final List<PaintOp> paints;
    /** What becomes of a fill; null where another one has become it too. */
    private final Map<Integer, PaintOp> instead = new HashMap<>();

    private Joined(List<PaintOp> paints) {
        this.paints = paints;
    }

    static DisplayList of(DisplayList list) {
        return new Joined(list.paints()).joined();
    }

    private DisplayList joined() {
        List<Met> stretch = new ArrayList<>();
        Deque<Matrix> opened = new ArrayDeque<>();
        Deque<Boolean> clipped = new ArrayDeque<>(List.of(false));
        Matrix matrix = Matrix.IDENTITY;
        for (int i = 0; i < paints.size(); i++) {
            PaintOp paint = paints.get(i);
            if (paint instanceof PaintOp.Concat m) {
                matrix = matrix.times(Matrix.flat(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()));
            } else if (paint instanceof PaintOp.Fill fill) {
                // Of a picture each letter shows its own part.
                if (!(fill.ink() instanceof Ink.Picture)) {
                    stretch.add(new Met(i, fill, matrix));
                }
            } else if (paint instanceof PaintOp.Save) {
                opened.push(matrix);
                clipped.push(false);
            } else if (paint instanceof PaintOp.Restore) {
                matrix = opened.isEmpty() ? matrix : opened.pop();
                if (clipped.size() > 1 && clipped.pop()) {
                    join(stretch);
                }
            } else {
                join(stretch);
                if (paint.opens()) {
                    opened.push(matrix);
                    clipped.push(true);
                } else {
                    clipped.pop();
                    clipped.push(true);
                    if (paint instanceof PaintOp.ConcatDeep deep) {
                        matrix = matrix.times(Matrix.deep(deep.m()));
                    }
                }
            }
        }
        join(stretch);
        if (instead.isEmpty()) {
            return new DisplayList(paints);
        }
        List<PaintOp> all = new ArrayList<>();
        for (int i = 0; i < paints.size(); i++) {
            if (!instead.containsKey(i)) {
                all.add(paints.get(i));
            } else if (instead.get(i) != null) {
                all.add(instead.get(i));
            }
        }
        return new DisplayList(all);
    }

    private void join(List<Met> stretch) {
        List<Met> left = new ArrayList<>(stretch);
        stretch.clear();
        left.removeIf(met -> !met.onto.isFlat());
        while (!left.isEmpty()) {
            List<Met> group = new ArrayList<>(List.of(left.remove(0)));
            for (int i = 0; i < group.size(); i++) {
                Met one = group.get(i);
                List<Met> more = left.stream().filter(one::touches).toList();
                group.addAll(more);
                left.removeAll(more);
            }
            merge(group);
        }
    }

    private void merge(List<Met> group) {
        Met first = group.get(0);
        if (group.size() == 1 && !Union.isCrossed(first.fill.outline())) {
            return;
        }
        Optional<Matrix> back = first.onto.back();
        if (back.isEmpty()) {
            return;
        }
        List<Union.Placed> own =
                group.stream().map(met -> met.placed(back.get())).toList();
        group.forEach(met -> instead.put(met.index, null));
        instead.put(first.index, new PaintOp.Fill(Union.of(own), first.fill.ink(), first.fill.opacity()));
    }
}
