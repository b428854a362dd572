package knollwind.core.scene;

import java.util.List;

/** Cubic Béziers joined at knots. */
public record Bezier(List<Knot> knots, boolean closed) {
    /**
     * A point that the curve runs through, and its two handles as distances from it.
     *
     * @param x px
     * @param y px
     * @param inX px from the knot to the control point before it
     * @param inY px from the knot to the control point before it
     * @param outX px from the knot to the control point after it
     * @param outY px from the knot to the control point after it
     */
    public record Knot(double x, double y, double inX, double inY, double outX, double outY) {
        public Knot {
            for (double value : new double[] {x, y, inX, inY, outX, outY}) {
                Check.range(value, -100_000, 100_000, "a coordinate of a knot");
            }
        }
    }

    public Bezier {
        knots = Check.list(knots);
        if (knots.size() < 2 || knots.size() > 2000) {
            throw new IllegalArgumentException("a curve needs 2 to 2000 knots, not " + knots.size());
        }
    }
}
