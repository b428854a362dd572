package knollwind.core.motion;

import java.util.List;

/**
 * A glide: every piece comes in fast, drifts slowly through rest and goes off fast to the other side. Place and speed are
 * continuous throughout, and only the slow middle stretches with the block. The fast stretches are cubic Hermite curves.
 */
final class GlideCurve implements Going {
    private final double drift;
    private final double[] starts;
    private final double[] ends;
    private final double each;

    /**
     * @param drift how far from rest the slow middle begins and ends, 0 to 0.5 of the way
     * @param starts scene frames at which the pieces come in
     * @param ends scene frames at which they are gone
     * @param each frames of the way in, and of the way off
     */
    GlideCurve(double drift, List<Double> starts, List<Double> ends, double each) {
        this.drift = drift;
        this.starts = starts.stream().mapToDouble(Double::doubleValue).toArray();
        this.ends = ends.stream().mapToDouble(Double::doubleValue).toArray();
        this.each = each;
    }

    @Override
    public double at(int unit, double time) {
        double length = ends[unit] - starts[unit];
        if (length <= 0) {
            return 0;
        }
        double fast = Math.min(each, length / 2);
        double hold = length - 2 * fast;
        // The slow middle is never faster than the way in is on average.
        double left = Math.min(drift, hold / (2 * fast));
        double since = time - starts[unit];
        double until = ends[unit] - time;
        if (since < fast) {
            return fast(since / fast, left, hold > 0 ? 2 * left / hold * fast : 0);
        } else if (until < fast) {
            return -fast(until / fast, left, hold > 0 ? 2 * left / hold * fast : 0);
        }
        return hold > 0 ? left * (1 - 2 * (since - fast) / hold) : 0;
    }

    /**
     * The way in from 1 to the drift.
     *
     * @param speed at its end, of the way in one way in's time
     */
    private static double fast(double x, double left, double speed) {
        double t = Math.max(0, x);
        double begin = -3 * (1 - left);
        double t2 = t * t;
        double t3 = t2 * t;
        return (2 * t3 - 3 * t2 + 1) + (t3 - 2 * t2 + t) * begin + (3 * t2 - 2 * t3) * left - (t3 - t2) * speed;
    }

    @Override
    public double aside(int unit, double time) {
        return Math.max(0, (Math.abs(at(unit, time)) - drift) / (1 - drift));
    }

    @Override
    public boolean gone(int unit, double time) {
        return time < starts[unit] || time >= ends[unit];
    }
}
