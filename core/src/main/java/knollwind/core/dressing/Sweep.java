package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Chords;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/**
 * What outlines cover while they are moved along a straight way: themselves at both ends, and a parallelogram for each of their sides.
 * Fills alone are swept; what lies in the plane keeps its matrix.
 */
final class Sweep {
    /** Chords of a curve: a letter's are short, and the ends of a sweep are drawn by the curves themselves. */
    private static final int PIECES = 10;

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
        Walk.over(list, (paint, matrix) -> {
            if (paint instanceof PaintOp.Fill fill) {
                swept.addAll(swept(fill, matrix.plane()));
            } else {
                swept.add(paint);
            }
        });
        return swept;
    }

    private List<PaintOp> swept(PaintOp.Fill fill, Matrix m) {
        double determinant = m.a() * m.d() - m.b() * m.c();
        PaintOp.Fill own = new PaintOp.Fill(fill.outline(), ink, fill.opacity());
        if (Math.abs(determinant) < 1e-9) {
            return List.of(own);
        }
        // The way as the outline's own px have it.
        double x = (m.d() * dx - m.c() * dy) / determinant;
        double y = (m.a() * dy - m.b() * dx) / determinant;
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
        List<double[]> segments = new ArrayList<>();
        Chords.of(outline, PIECES, (x0, y0, x1, y1) -> segments.add(new double[] {x0, y0, x1, y1}));
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
