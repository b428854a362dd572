package knollwind.core.scene;

/** Frames a second as a fraction, 24/1 or 30000/1001; between 1 and 240. */
public record FrameRate(int numerator, int denominator) {
    public FrameRate {
        if (numerator <= 0 || denominator <= 0) {
            throw new IllegalArgumentException("a frame rate is a fraction of two positive whole numbers");
        }
        Check.range((double) numerator / denominator, 1, 240, "a frame rate");
    }

    public double perSecond() {
        return (double) numerator / denominator;
    }

    /** The rate that labels count at: 30 for 30000/1001. */
    public int nominal() {
        return (int) Math.round(perSecond());
    }

    /** Seconds from zero at which this frame is shown. */
    public double seconds(double frame) {
        return frame * denominator / numerator;
    }
}
