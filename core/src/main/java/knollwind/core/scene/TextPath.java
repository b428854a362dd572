package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/**
 * A line that words stand on instead of a straight one. Lines after the first run beside it, a line's height away. Where
 * the alignment is centre, the middle of each line stands on the path's middle; start and end stand on its ends.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = TextPath.Slope.class, name = "slope"),
    @JsonSubTypes.Type(value = TextPath.Arc.class, name = "arc"),
    @JsonSubTypes.Type(value = TextPath.Circle.class, name = "circle"),
    @JsonSubTypes.Type(value = TextPath.Free.class, name = "free")
})
public sealed interface TextPath {
    /** One method for each kind. */
    interface Cases<R> {
        R slope(Slope slope);

        R arc(Arc arc);

        R circle(Circle circle);

        R free(Free free);
    }

    <R> R match(Cases<R> cases);

    /** px along the path that the words are moved by, -100,000 to 100,000. */
    double offset();

    /** Whether letters stand upright instead of turning with the path. */
    boolean upright();

    /** A straight line that rises or falls by degrees, clockwise. */
    record Slope(double angle, double offset, boolean upright) implements TextPath {
        public Slope {
            Check.range(angle, -360, 360, "the angle of a line for words");
            Check.range(offset, -100_000, 100_000, "the offset along a line for words");
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.slope(this);
        }
    }

    /**
     * Part of a circle that touches the straight line at the words' middle.
     *
     * @param radius px; above 0 the words arch upwards, below 0 they sag
     */
    record Arc(double radius, double offset, boolean upright) implements TextPath {
        public Arc {
            checkRadius(Math.abs(radius));
            Check.range(offset, -100_000, 100_000, "the offset along an arc for words");
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.arc(this);
        }
    }

    /**
     * A whole circle; the block's box is the circle's.
     *
     * @param radius px
     * @param angle where the words' middle (or start, or end) stands: degrees clockwise from the top
     * @param inside whether they run inside it, their heads to its centre
     */
    record Circle(double radius, double angle, boolean inside, double offset, boolean upright) implements TextPath {
        public Circle {
            checkRadius(radius);
            Check.range(angle, -360, 360, "the angle of a circle for words");
            Check.range(offset, -100_000, 100_000, "the offset along a circle for words");
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.circle(this);
        }
    }

    /** Any curve; words longer than it go straight on at its ends. */
    record Free(Bezier curve, double offset, boolean upright) implements TextPath {
        public Free {
            Check.present(curve, "the curve for words");
            Check.range(offset, -100_000, 100_000, "the offset along a curve for words");
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.free(this);
        }
    }

    private static void checkRadius(double radius) {
        Check.range(radius, 10, 100_000, "the radius of a circle for words");
    }
}
