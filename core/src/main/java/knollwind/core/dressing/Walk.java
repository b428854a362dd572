package knollwind.core.dressing;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.function.BiConsumer;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;

/** Goes through a list, telling of each operation the matrix in force. */
final class Walk {
    private Walk() {}

    static void over(DisplayList list, BiConsumer<PaintOp, Matrix> told) {
        Deque<Matrix> opened = new ArrayDeque<>();
        Matrix matrix = Matrix.IDENTITY;
        for (PaintOp paint : list.paints()) {
            told.accept(paint, matrix);
            if (paint instanceof PaintOp.Concat m) {
                matrix = matrix.times(Matrix.flat(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()));
            } else if (paint instanceof PaintOp.ConcatDeep deep) {
                matrix = matrix.times(Matrix.deep(deep.m()));
            } else if (paint instanceof PaintOp.Restore) {
                matrix = opened.isEmpty() ? matrix : opened.pop();
            } else if (paint.opens()) {
                opened.push(matrix);
            }
        }
    }
}
