package knollwind.core.scene;

/**
 * A steady beat map.
 *
 * @param perMinute {@link #SLOWEST} to {@link #FASTEST}
 * @param first frame of the first beat
 * @param perBar beats in a bar, 1 to 16
 */
public record Beats(double perMinute, double first, int perBar) {
    public static final double SLOWEST = 20;
    public static final double FASTEST = 400;

    public Beats {
        Check.range(perMinute, SLOWEST, FASTEST, "beats a minute");
        Check.range(first, -1_000_000, 1_000_000, "the frame of the first beat");
        Check.range(perBar, 1, 16, "beats in a bar");
    }

    /** Frames from one beat to the next at this rate. */
    public double frames(FrameRate rate) {
        return rate.perSecond() * seconds();
    }

    /** From one beat to the next. */
    public double seconds() {
        return 60 / perMinute;
    }
}
