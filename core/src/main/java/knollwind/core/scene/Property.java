package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What a channel of a move changes, with the value it has at rest and the bounds of its plain numbers. */
public enum Property {
    @JsonProperty("offsetX")
    OFFSET_X(0, -100_000, 100_000, true),
    @JsonProperty("offsetY")
    OFFSET_Y(0, -100_000, 100_000, true),
    /** Both scales together, as a factor. */
    @JsonProperty("scale")
    SCALE(1, 0, 100, false),
    @JsonProperty("scaleX")
    SCALE_X(1, 0, 100, false),
    @JsonProperty("scaleY")
    SCALE_Y(1, 0, 100, false),
    /** Degrees, clockwise. */
    @JsonProperty("rotation")
    ROTATION(0, -36_000, 36_000, false),
    @JsonProperty("opacity")
    OPACITY(1, 0, 1, false),
    /** Standard deviation of the Gaussian. */
    @JsonProperty("blur")
    BLUR(0, 0, 1000, true),
    /** Thousandths of an em. */
    @JsonProperty("tracking")
    TRACKING(0, -1000, 10_000, false);

    private final double rest;
    private final double low;
    private final double high;
    private final boolean length;

    Property(double rest, double low, double high, boolean length) {
        this.rest = rest;
        this.low = low;
        this.high = high;
        this.length = length;
    }

    public double rest() {
        return rest;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    /** True when the value is a {@link Length}, false when it is a plain number. */
    public boolean length() {
        return length;
    }
}
