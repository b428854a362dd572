package knollwind.core.motion;

/**
 * {@code cubic-bezier(x1, y1, x2, y2)} of CSS Easing Functions Level 2, section 2.2: the curve from (0, 0) to (1, 1) with
 * the two control points. The curve's parameter is found by Newton's method, and by halving where the curve is too flat.
 */
public record CubicBezier(double x1, double y1, double x2, double y2) implements Easing {
    /** Of the time, a share of the whole: far below a frame of the longest move, and above the noise of doubles. */
    private static final double PRECISION = 1e-12;

    public CubicBezier {
        if (!(x1 >= 0 && x1 <= 1 && x2 >= 0 && x2 <= 1)) {
            throw new IllegalArgumentException("the x values of cubic-bezier() must lie between 0 and 1");
        }
        if (!Double.isFinite(y1) || !Double.isFinite(y2)) {
            throw new IllegalArgumentException("the y values of cubic-bezier() must be finite");
        }
    }

    @Override
    public double at(double x) {
        double clamped = Easing.clamp(x);
        if (clamped == 0 || clamped == 1) {
            return clamped;
        }
        return bezier(parameter(clamped), y1, y2);
    }

    private double parameter(double x) {
        double t = x;
        for (int i = 0; i < 16; i++) {
            double error = bezier(t, x1, x2) - x;
            if (Math.abs(error) < PRECISION) {
                return t;
            }
            double slope = slope(t, x1, x2);
            if (Math.abs(slope) < 1e-6) {
                break;
            }
            t -= error / slope;
        }
        double low = 0;
        double high = 1;
        t = x;
        for (int i = 0; i < 200 && low < high; i++) {
            double error = bezier(t, x1, x2) - x;
            if (Math.abs(error) < PRECISION) {
                return t;
            }
            if (error < 0) {
                low = t;
            } else {
                high = t;
            }
            t = (low + high) / 2;
        }
        return t;
    }

    private static double bezier(double t, double a, double b) {
        return ((1 + 3 * a - 3 * b) * t + (3 * b - 6 * a)) * t * t + 3 * a * t;
    }

    private static double slope(double t, double a, double b) {
        return 3 * (1 + 3 * a - 3 * b) * t * t + 2 * (3 * b - 6 * a) * t + 3 * a;
    }
}
