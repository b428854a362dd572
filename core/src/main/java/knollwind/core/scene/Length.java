package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * A distance with its unit. {@code px} are pixels of the base format, {@code em} multiples of the block's type size,
 * {@code line} hundredths of the line height, {@code frame} hundredths of the frame (its width for x, its height for y).
 */
public record Length(double value, Unit unit) {
    /** What one unit of a length measures. */
    public enum Unit {
        @JsonProperty("px")
        PX("px"),
        @JsonProperty("em")
        EM("em"),
        @JsonProperty("line")
        LINE("% of the line"),
        @JsonProperty("frame")
        FRAME("% of the frame");

        private final String text;

        Unit(String text) {
            this.text = text;
        }

        /** The unit as it is printed after the number. */
        public String text() {
            return text;
        }
    }

    /** Far beyond any frame, and near enough that single precision still tells tenths of a px apart. */
    private static final double FARTHEST = 100_000;

    /** Whether a length can have this value. */
    public static boolean reaches(double value) {
        return Math.abs(value) <= FARTHEST;
    }

    public Length {
        Check.range(value, -FARTHEST, FARTHEST, "a length");
        Check.present(unit, "the unit of a length");
    }

    public static Length px(double value) {
        return new Length(value, Unit.PX);
    }

    public static Length em(double value) {
        return new Length(value, Unit.EM);
    }

    /**
     * The length in pixels.
     *
     * @param em type size in px
     * @param line line height in px
     * @param frame frame width (for x) or height (for y) in px
     */
    public double pixels(double em, double line, double frame) {
        return switch (unit) {
            case PX -> value;
            case EM -> value * em;
            case LINE -> value / 100 * line;
            case FRAME -> value / 100 * frame;
        };
    }

    /** Both values in one unit, blended by weight; lengths of different units cannot be blended. */
    public Length blend(Length to, double weight) {
        if (unit != to.unit) {
            throw new IllegalArgumentException(
                    "keys of one track need one unit: " + unit.text + " and " + to.unit.text);
        }
        return new Length(value + (to.value - value) * weight, unit);
    }
}
