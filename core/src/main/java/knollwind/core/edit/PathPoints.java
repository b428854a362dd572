package knollwind.core.edit;

import java.util.List;
import knollwind.core.scene.PathStop;

/** Points of motion paths, in px of the base frame. */
final class PathPoints {
    /** Parts of a stretch that are tried for the one nearest to a point; finer than a pointer aims. */
    private static final int PARTS = 24;

    private PathPoints() {}

    /** A new point without a time between its neighbours, its handles along their direction, a sixth of the way each. */
    static PathStop between(List<PathStop> stops, int index, double x, double y) {
        boolean inside = index > 0 && index < stops.size();
        double dx = inside ? (stops.get(index).x() - stops.get(index - 1).x()) / 6 : 0;
        double dy = inside ? (stops.get(index).y() - stops.get(index - 1).y()) / 6 : 0;
        String id = new Ids(stops.stream().map(PathStop::id).toList()).first("p");
        return new PathStop(id, tenth(x), tenth(y), tenth(-dx), tenth(-dy), tenth(dx), tenth(dy), null, null, "linear");
    }

    /** The stretch of a path that lies nearest to a point: the index of the stop at its end. */
    static int nearestStretch(List<PathStop> stops, double x, double y) {
        int best = 1;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < stops.size(); i++) {
            PathStop from = stops.get(i - 1);
            PathStop to = stops.get(i);
            for (int k = 1; k < PARTS; k++) {
                double t = (double) k / PARTS;
                double px = cubic(from.x(), from.x() + from.outX(), to.x() + to.inX(), to.x(), t);
                double py = cubic(from.y(), from.y() + from.outY(), to.y() + to.inY(), to.y(), t);
                double distance = Math.hypot(px - x, py - y);
                if (distance < least) {
                    least = distance;
                    best = i;
                }
            }
        }
        return best;
    }

    private static double cubic(double a, double b, double c, double d, double t) {
        double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }

    static double tenth(double value) {
        return Math.rint(value * 10) / 10 + 0.0;
    }
}
