package knollwind.core.dressing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/**
 * What outlines cover while they are moved along a straight way: themselves at both ends, and a parallelogram for each of their sides.
 * Fills alone are swept; what lies in the plane keeps its matrix.
 */
final class Sweep {
    private final double dx;
    private final double dy;
    private final Ink ink;

    /** @param dx px of the list */
    Sweep(double dx, double dy, Ink ink) {
        this.dx = dx;
        this.dy = dy;
        this.ink = ink;
    }

    List<PaintOp> of(DisplayList list) {
        List<PaintOp> swept = new ArrayList<>();
        Deque<double[]> opened = new ArrayDeque<>();
        double[] matrix = {1, 0, 0, 1};
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Fill fill) {
                swept.addAll(swept(fill, matrix));
                continue;
            }
            if (paint instanceof PaintOp.Concat m) {
                matrix = times(matrix, m.a(), m.b(), m.c(), m.d());
            } else if (paint instanceof PaintOp.ConcatDeep deep) {
                matrix = times(matrix, deep.m()[0], deep.m()[4], deep.m()[1], deep.m()[5]);
            } else if (paint instanceof PaintOp.Restore) {
                matrix = opened.isEmpty() ? matrix : opened.pop();
            } else if (opens(paint)) {
                opened.push(matrix);
            }
            swept.add(paint);
        }
        return swept;
    }

    private static boolean opens(PaintOp paint) {
        return paint instanceof PaintOp.Save
                || paint instanceof PaintOp.Layer
                || paint instanceof PaintOp.Mixed
                || paint instanceof PaintOp.Mask
                || paint instanceof PaintOp.Cut;
    }

    private static double[] times(double[] m, double a, double b, double c, double d) {
        return new double[] {m[0] * a + m[2] * b, m[1] * a + m[3] * b, m[0] * c + m[2] * d, m[1] * c + m[3] * d};
    }

    private List<PaintOp> swept(PaintOp.Fill fill, double[] m) {
        double determinant = m[0] * m[3] - m[1] * m[2];
        PaintOp.Fill own = new PaintOp.Fill(fill.outline(), ink, fill.opacity());
        if (Math.abs(determinant) < 1e-9) {
            return List.of(own);
        }
        // The way as the outline's own px have it.
        double x = (m[3] * dx - m[2] * dy) / determinant;
        double y = (m[0] * dy - m[1] * dx) / determinant;
        return List.of(
                own,
                new PaintOp.Fill(sides(fill.outline(), x, y), ink, fill.opacity()),
                new PaintOp.Save(),
                new PaintOp.Concat(1, 0, 0, 1, (float) x, (float) y),
                own,
                new PaintOp.Restore());
    }

    /** Parallelograms all turn one way, so that none takes away from another. */
    private static Outline sides(Outline outline, double x, double y) {
        List<double[]> segments = Flat.segments(outline);
        byte[] verbs = new byte[5 * segments.size()];
        float[] points = new float[8 * segments.size()];
        for (int i = 0; i < segments.size(); i++) {
            double[] s = segments.get(i);
            boolean turned = (s[2] - s[0]) * y - (s[3] - s[1]) * x < 0;
            double[] first = turned ? new double[] {s[2], s[3]} : new double[] {s[0], s[1]};
            double[] second = turned ? new double[] {s[0], s[1]} : new double[] {s[2], s[3]};
            double[] corners = {
                first[0], first[1], second[0], second[1], second[0] + x, second[1] + y, first[0] + x, first[1] + y
            };
            for (int k = 0; k < 8; k++) {
                points[8 * i + k] = (float) corners[k];
            }
            verbs[5 * i] = Outline.MOVE;
            verbs[5 * i + 1] = verbs[5 * i + 2] = verbs[5 * i + 3] = Outline.LINE;
            verbs[5 * i + 4] = Outline.CLOSE;
        }
        Box ink = outline.ink();
        return Outline.of(verbs, points, ink.union(ink.shift(x, y)));
    }
}
