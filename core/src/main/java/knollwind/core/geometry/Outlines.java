package knollwind.core.geometry;

import java.util.List;
import knollwind.core.scene.Bezier;
import knollwind.core.scene.ShapeBlock;

/** Outlines of plain geometry. */
public final class Outlines {
    /** Distance of a cubic's control points that makes a quarter circle of radius 1 (error below 0.03 %). */
    private static final double QUARTER = 0.5522847498307936;

    /** An outline without any area. */
    public static final Outline NONE = Outline.of(new byte[0], new float[0], new Box(0, 0, 0, 0));

    private Outlines() {}

    public static Outline rounded(Box box, double radius) {
        double r = Math.min(radius, Math.min(box.width(), box.height()) / 2);
        if (r <= 0) {
            return Outline.rectangle(box);
        }
        double k = r * (1 - QUARTER);
        double l = box.left();
        double t = box.top();
        double right = box.right();
        double b = box.bottom();
        double[] points = {
            l + r, t, right - r, t, right - k, t, right, t + k, right, t + r, right, b - r, right, b - k, right - k, b,
            right - r, b, l + r, b, l + k, b, l, b - k, l, b - r, l, t + r, l, t + k, l + k, t, l + r, t
        };
        byte[] verbs = {
            Outline.MOVE, Outline.LINE, Outline.CUBIC, Outline.LINE, Outline.CUBIC,
            Outline.LINE, Outline.CUBIC, Outline.LINE, Outline.CUBIC, Outline.CLOSE
        };
        return Outline.of(verbs, floats(points), box);
    }

    public static Outline polygon(List<ShapeBlock.Point> corners) {
        float[] points = new float[2 * corners.size()];
        byte[] verbs = new byte[corners.size() + 1];
        Box box = Box.EMPTY;
        for (int i = 0; i < corners.size(); i++) {
            ShapeBlock.Point corner = corners.get(i);
            points[2 * i] = (float) corner.x();
            points[2 * i + 1] = (float) corner.y();
            verbs[i] = i == 0 ? Outline.MOVE : Outline.LINE;
            box = box.union(new Box(corner.x(), corner.y(), corner.x(), corner.y()));
        }
        verbs[corners.size()] = Outline.CLOSE;
        return Outline.of(verbs, points, box);
    }

    public static Outline ellipse(Box box) {
        double rx = box.width() / 2;
        double ry = box.height() / 2;
        double x = box.left() + rx;
        double y = box.top() + ry;
        double kx = rx * QUARTER;
        double ky = ry * QUARTER;
        double[] points = {
            x, y - ry, x + kx, y - ry, x + rx, y - ky, x + rx, y, x + rx, y + ky, x + kx, y + ry, x, y + ry, x - kx,
            y + ry, x - rx, y + ky, x - rx, y, x - rx, y - ky, x - kx, y - ry, x, y - ry
        };
        byte[] verbs = {Outline.MOVE, Outline.CUBIC, Outline.CUBIC, Outline.CUBIC, Outline.CUBIC, Outline.CLOSE};
        return Outline.of(verbs, floats(points), box);
    }

    /** A curve as an outline, moved so that its box has its top left corner at the origin. */
    public static Outline curve(Bezier curve) {
        double[] points = points(curve);
        byte[] verbs = new byte[(points.length - 2) / 6 + 1 + (curve.closed() ? 1 : 0)];
        java.util.Arrays.fill(verbs, Outline.CUBIC);
        verbs[0] = Outline.MOVE;
        if (curve.closed()) {
            verbs[verbs.length - 1] = Outline.CLOSE;
        }
        Box box = CurveBox.of(points);
        for (int i = 0; i < points.length; i += 2) {
            points[i] -= box.left();
            points[i + 1] -= box.top();
        }
        return Outline.of(verbs, floats(points), new Box(0, 0, box.width(), box.height()));
    }

    /** The tight box of a curve, where its knots say. */
    public static Box box(Bezier curve) {
        return CurveBox.of(points(curve));
    }

    private static double[] points(Bezier curve) {
        List<Bezier.Knot> knots = curve.knots();
        int segments = curve.closed() ? knots.size() : knots.size() - 1;
        double[] points = new double[2 + 6 * segments];
        points[0] = knots.get(0).x();
        points[1] = knots.get(0).y();
        for (int i = 0; i < segments; i++) {
            Bezier.Knot from = knots.get(i);
            Bezier.Knot to = knots.get((i + 1) % knots.size());
            int at = 2 + 6 * i;
            points[at] = from.x() + from.outX();
            points[at + 1] = from.y() + from.outY();
            points[at + 2] = to.x() + to.inX();
            points[at + 3] = to.y() + to.inY();
            points[at + 4] = to.x();
            points[at + 5] = to.y();
        }
        return points;
    }

    private static float[] floats(double[] values) {
        float[] floats = new float[values.length];
        for (int i = 0; i < values.length; i++) {
            floats[i] = (float) values[i];
        }
        return floats;
    }
}
