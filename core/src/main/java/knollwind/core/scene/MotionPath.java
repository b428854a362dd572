package knollwind.core.scene;

import java.util.List;

/**
 * The way a block's pivot travels, cubic Béziers by arc length.
 *
 * @param stops at least two; the first and the last have a time
 * @param turns whether the block turns with the direction of travel
 */
public record MotionPath(List<PathStop> stops, Boolean turns) {
    public MotionPath {
        stops = Check.list(stops);
        turns = Boolean.TRUE.equals(turns);
        Check.uniqueIds(stops, PathStop::id, "points of a motion path");
        if (stops.size() < 2 || stops.size() > 500) {
            throw new IllegalArgumentException("a motion path needs 2 to 500 points, not " + stops.size());
        }
        if (stops.get(0).at() == null || stops.get(stops.size() - 1).at() == null) {
            throw new IllegalArgumentException("the first and the last point of a motion path need a time");
        }
        stops.forEach(PathStop::knot);
    }

    /** The curve that is travelled. */
    public Bezier curve() {
        return new Bezier(stops.stream().map(PathStop::knot).toList(), false);
    }

    /** The curve up to a point behind the first, to measure how far along it lies. */
    public Bezier upTo(int stop) {
        return new Bezier(
                stops.subList(0, stop + 1).stream().map(PathStop::knot).toList(), false);
    }
}
