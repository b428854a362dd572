package knollwind.core.scene;

/** Easings that are meant in many places, in CSS notation (CSS Easing Functions, level 2). */
public final class NamedEasings {
    public static final String STEADILY = "linear";

    /** Most of the way at once, then long into rest. */
    public static final String LANDING_SOFTLY = "cubic-bezier(0.16, 1, 0.3, 1)";

    /** {@link #LANDING_SOFTLY} backwards, a little less steep. */
    public static final String STARTING_GENTLY = "cubic-bezier(0.7, 0, 0.84, 0)";

    /** What a thing that was at rest goes to another rest by; where nothing is said, this is meant. */
    public static final String GENTLY = "cubic-bezier(0.65, 0, 0.35, 1)";

    /** Of a key: its value stands until the next. */
    public static final String HOLD = "hold";

    private NamedEasings() {}
}
