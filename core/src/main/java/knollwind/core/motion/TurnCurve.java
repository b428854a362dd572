package knollwind.core.motion;

/** Each piece goes away at its moment, stays so while its word is said, and comes back. */
final class TurnCurve implements Going {
    private final double[] starts;
    private final double[] ends;
    private final double ramp;

    /**
     * @param starts scene frames at which the pieces set out
     * @param ends scene frames at which they set out to come back, not before their starts
     * @param ramp frames of the way out, and of the way back
     */
    TurnCurve(double[] starts, double[] ends, double ramp) {
        this.starts = starts;
        this.ends = ends;
        this.ramp = Math.max(1e-9, ramp);
    }

    @Override
    public double at(int unit, double time) {
        double there = Math.min(1, (time - starts[unit]) / ramp);
        double back = Math.min(1, (ends[unit] + ramp - time) / ramp);
        return there <= 0 || back <= 0 ? 0 : soft(there) * soft(back);
    }

    private static double soft(double x) {
        return x * x * (3 - 2 * x);
    }
}
