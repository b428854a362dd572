package knollwind.core.geometry;

/** The tight box of cubic Béziers: their ends, and where a coordinate's derivative is zero. */
final class CurveBox {
    private CurveBox() {}

    /** The box of a start point and three points for each cubic after it, x and y in turn. */
    static Box of(double[] points) {
        Box box = new Box(points[0], points[1], points[0], points[1]);
        for (int i = 0; i + 7 < points.length; i += 6) {
            double[] x = range(points[i], points[i + 2], points[i + 4], points[i + 6]);
            double[] y = range(points[i + 1], points[i + 3], points[i + 5], points[i + 7]);
            box = new Box(
                    Math.min(box.left(), x[0]),
                    Math.min(box.top(), y[0]),
                    Math.max(box.right(), x[1]),
                    Math.max(box.bottom(), y[1]));
        }
        return box;
    }

    private static double[] range(double a, double b, double c, double d) {
        double[] range = {Math.min(a, d), Math.max(a, d)};
        double square = -a + 3 * b - 3 * c + d;
        double linear = 2 * (a - 2 * b + c);
        double constant = b - a;
        if (Math.abs(square) < 1e-9) {
            if (linear != 0) {
                take(range, a, b, c, d, -constant / linear);
            }
            return range;
        }
        double root = linear * linear - 4 * square * constant;
        if (root >= 0) {
            take(range, a, b, c, d, (-linear + StrictMath.sqrt(root)) / (2 * square));
            take(range, a, b, c, d, (-linear - StrictMath.sqrt(root)) / (2 * square));
        }
        return range;
    }

    private static void take(double[] range, double a, double b, double c, double d, double t) {
        if (t > 0 && t < 1) {
            double u = 1 - t;
            double value = u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
            range[0] = Math.min(range[0], value);
            range[1] = Math.max(range[1], value);
        }
    }
}
