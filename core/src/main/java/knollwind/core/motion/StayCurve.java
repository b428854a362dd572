package knollwind.core.motion;

import knollwind.core.scene.Move;

/** One way over the whole stay: at rest when the block begins, all the way gone when it ends, however long that is. */
final class StayCurve implements Going {
    private final double[] starts;
    private final double end;
    private final Easing easing;

    /**
     * @param starts scene frames at which the pieces set out
     * @param end scene frame at which all have come as far as they go
     */
    StayCurve(Move move, double[] starts, double end) {
        this.starts = starts;
        this.end = end;
        this.easing = Easings.read(move.easing());
    }

    @Override
    public double at(int unit, double time) {
        double length = end - starts[unit];
        if (time <= starts[unit] || length <= 0) {
            return 0;
        }
        return easing.at(Math.min(1, (time - starts[unit]) / length));
    }
}
