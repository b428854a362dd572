package knollwind.core.display;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;

/** What is painted, in order, from a matrix of the frame's own pixels. Saves, layers and restores are balanced. */
public record DisplayList(List<PaintOp> paints) {
    public static final DisplayList EMPTY = new DisplayList(List.of());

    private static final PaintOp.Save SAVE = new PaintOp.Save();
    private static final PaintOp.Restore RESTORE = new PaintOp.Restore();

    public DisplayList {
        paints = List.copyOf(paints);
    }

    /** Where it can leave ink, px of its matrix; without bounds where that cannot be told. */
    public Box ink() {
        return InkReach.of(paints).ink();
    }

    /** Whether anything of it is mixed with what is below the list, and not inside a layer of its own. */
    boolean mixes() {
        int layers = 0;
        Deque<Boolean> opened = new ArrayDeque<>();
        for (PaintOp paint : paints) {
            if (paint instanceof PaintOp.Mixed && layers == 0) {
                return true;
            }
            if (paint instanceof PaintOp.Restore) {
                layers -= Boolean.TRUE.equals(opened.poll()) ? 1 : 0;
            } else if (paint.opens()) {
                opened.push(paint.isLayer());
                layers += paint.isLayer() ? 1 : 0;
            }
        }
        return false;
    }

    /** Collects paints. */
    public static final class Builder {
        private final List<PaintOp> paints = new ArrayList<>();

        public void save() {
            paints.add(SAVE);
        }

        public void restore() {
            paints.add(RESTORE);
        }

        public void concat(Matrix m) {
            if (!m.isFlat()) {
                float[] space = new float[16];
                for (int i = 0; i < space.length; i++) {
                    space[i] = (float) m.space()[i];
                }
                paints.add(new PaintOp.ConcatDeep(space));
            } else if (!m.isIdentity()) {
                paints.add(new PaintOp.Concat(
                        (float) m.a(), (float) m.b(), (float) m.c(), (float) m.d(), (float) m.e(), (float) m.f()));
            }
        }

        /** Adds a paint, in the form that painters know. */
        public void add(PaintOp paint) {
            paint.reach(paints::add);
        }

        /** Adds paints that are in that form already. */
        public Builder all(List<PaintOp> others) {
            paints.addAll(others);
            return this;
        }

        public DisplayList build() {
            return paints.isEmpty() ? EMPTY : new DisplayList(paints);
        }
    }
}
