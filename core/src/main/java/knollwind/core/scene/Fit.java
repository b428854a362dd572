package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * A rule by which the type size follows the words.
 *
 * @param width what the lines are to be as wide as, or what they have to stay inside
 * @param height of the box to stay inside; other kinds have none
 * @param least the smallest size in px that shrinking may come to; null stands for 12
 * @param box what is measured of the words; null for what is usual, which is the ink, and the type for what stays inside a box
 */
public record Fit(Kind kind, Length width, Length height, Double least, Pivot.Box box) {
    public enum Kind {
        /** The widest line is exactly this wide; the others keep their size beside it. */
        @JsonProperty("width")
        WIDTH,
        /** Every line is scaled by itself, so that all are exactly this wide. */
        @JsonProperty("lines")
        LINES,
        /** The setting's size, or smaller where the words would not stay inside width and height. */
        @JsonProperty("inside")
        INSIDE
    }

    /** By what is usual. */
    public Fit(Kind kind, Length width, Length height, Double least) {
        this(kind, width, height, least, null);
    }

    @JsonCreator
    public Fit {
        Check.present(kind, "the kind of a fit");
        box = box == usual(kind) ? null : box;
        Check.present(width, "the width of a fit");
        if (width.value() <= 0) {
            throw new IllegalArgumentException("the width of a fit must be above 0");
        }
        if (kind == Kind.INSIDE) {
            Check.present(height, "the height of a fit inside a box");
            if (height.value() <= 0) {
                throw new IllegalArgumentException("the height of a fit must be above 0");
            }
            least = least == null
                    ? 12.0
                    : Check.range(least, Setting.SMALLEST, Setting.LARGEST, "the least size of a fit");
        } else if (height != null || least != null) {
            throw new IllegalArgumentException("only a fit inside a box has a height and a least size");
        }
    }

    /** What is measured where nothing is said. */
    public static Pivot.Box usual(Kind kind) {
        return kind == Kind.INSIDE ? Pivot.Box.METRIC : Pivot.Box.INK;
    }

    /** What is measured of the words. */
    public Pivot.Box measured() {
        return box == null ? usual(kind) : box;
    }

    /** The same by another box. */
    public Fit by(Pivot.Box other) {
        return new Fit(kind, width, height, least, other);
    }
}
