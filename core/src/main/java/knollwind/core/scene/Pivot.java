package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * The point by which a block is placed, or about which a unit turns and scales.
 *
 * @param hold for a block on a free curve, the point of the curve's plane that counts instead, so that the rest of the curve
 *     stays where it is when a knot moves; null otherwise. An attached block has no use for it
 */
public record Pivot(Across across, Down down, Box box, Hold hold) {
    /** A point of a curve's plane, px as its knots. */
    public record Hold(double x, double y) {
        public Hold {
            Check.range(x, -100_000, 100_000, "the x of a pivot's hold");
            Check.range(y, -100_000, 100_000, "the y of a pivot's hold");
        }
    }

    /** Horizontal place in the box. */
    public enum Across {
        @JsonProperty("left")
        LEFT(0),
        @JsonProperty("centre")
        CENTRE(0.5),
        @JsonProperty("right")
        RIGHT(1);

        private final double fraction;

        Across(double fraction) {
            this.fraction = fraction;
        }

        public double fraction() {
            return fraction;
        }
    }

    /** Vertical place in the box; the baseline is that of the first line. */
    public enum Down {
        @JsonProperty("top")
        TOP,
        @JsonProperty("middle")
        MIDDLE,
        @JsonProperty("bottom")
        BOTTOM,
        @JsonProperty("baseline")
        BASELINE
    }

    /** Which box counts: that of the advances and the line height, or that of the ink. */
    public enum Box {
        @JsonProperty("metric")
        METRIC,
        @JsonProperty("ink")
        INK
    }

    public static final Pivot CENTRE = new Pivot(Across.CENTRE, Down.MIDDLE, Box.METRIC);

    /** A point of the box. */
    public Pivot(Across across, Down down, Box box) {
        this(across, down, box, null);
    }

    @JsonCreator
    public Pivot {
        Check.present(across, "the horizontal place of a pivot");
        Check.present(down, "the vertical place of a pivot");
        box = box == null ? Box.METRIC : box;
    }
}
