package knollwind.core.display;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Matrix;

/** What is painted, in order, from a matrix of the frame's own pixels. Saves, layers and restores are balanced. */
public record DisplayList(List<PaintOp> paints) {
    public static final DisplayList EMPTY = new DisplayList(List.of());

    private static final PaintOp.Save SAVE = new PaintOp.Save();
    private static final PaintOp.Restore RESTORE = new PaintOp.Restore();

    public DisplayList {
        paints = List.copyOf(paints);
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

        public void add(PaintOp paint) {
            if (paint instanceof PaintOp.Fill fill && fill.ink() instanceof Ink.Nested nested) {
                nested(fill, nested);
            } else if (!(paint instanceof PaintOp.Stroke stroke && stroke.fill().ink() instanceof Ink.Nested)) {
                // A line drawn with another scene shows nothing of it.
                paints.add(paint);
            }
        }

        private void nested(PaintOp.Fill fill, Ink.Nested nested) {
            if (nested.list().paints().isEmpty() || fill.opacity() <= 0) {
                return;
            }
            save();
            paints.add(new PaintOp.Clip(fill.outline()));
            paints.add(new PaintOp.Concat(nested.a(), 0, 0, nested.d(), nested.e(), nested.f()));
            if (fill.opacity() < 1) {
                paints.add(new PaintOp.Layer(fill.opacity(), 0, 0));
            }
            paints.addAll(nested.list().paints());
            if (fill.opacity() < 1) {
                restore();
            }
            restore();
        }

        public DisplayList build() {
            return paints.isEmpty() ? EMPTY : new DisplayList(paints);
        }
    }
}
