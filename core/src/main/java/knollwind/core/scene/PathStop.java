package knollwind.core.scene;

/**
 * A point of a motion path. Points with a time are keys; those without only shape the path, and are passed at the even speed
 * of the stretch they lie in.
 *
 * @param x px of the base frame
 * @param y px of the base frame
 * @param inX px from the point to the handle before it
 * @param inY px from the point to the handle before it
 * @param outX px from the point to the handle after it
 * @param outY px from the point to the handle after it
 * @param anchor what {@code at} counts from
 * @param at as for a {@link TrackKey}; null for a point without a time
 * @param easing the way to the next point with a time: an easing function, or {@code "hold"}
 */
public record PathStop(
        String id,
        double x,
        double y,
        Double inX,
        Double inY,
        Double outX,
        Double outY,
        TrackKey.Anchor anchor,
        Double at,
        String easing) {
    public PathStop {
        Check.id(id, "a point of a motion path");
        inX = inX == null ? Double.valueOf(0) : inX;
        inY = inY == null ? Double.valueOf(0) : inY;
        outX = outX == null ? Double.valueOf(0) : outX;
        outY = outY == null ? Double.valueOf(0) : outY;
        anchor = anchor == null ? TrackKey.Anchor.START : anchor;
        if (at != null) {
            Check.range(
                    at,
                    anchor == TrackKey.Anchor.HOLD ? 0 : -1_000_000,
                    anchor == TrackKey.Anchor.HOLD ? 1 : 1_000_000,
                    "the time of a point");
        }
        easing = easing == null ? "linear" : Check.text(easing, 2000, "an easing");
    }

    /** The point as a knot of a curve, which checks its coordinates. */
    public Bezier.Knot knot() {
        return new Bezier.Knot(x, y, inX, inY, outX, outY);
    }
}
