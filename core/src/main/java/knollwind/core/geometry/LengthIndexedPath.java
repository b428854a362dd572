package knollwind.core.geometry;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Bezier;
import knollwind.core.scene.TextPath;

/** A path travelled by arc length. */
public interface LengthIndexedPath {
    /**
     * A place on the path.
     *
     * @param angle of the direction of travel, degrees clockwise from "to the right"
     * @param centreX of the circle that the path is part of; the place itself where it is none
     */
    record Point(double x, double y, double angle, double centreX, double centreY) {}

    /** px; 0 for circles, on which words are placed by their angle. */
    double length();

    /** The place that many px along; before and after its ends the path goes straight on. */
    Point at(double distance);

    /**
     * The track of a path for words whose middle would stand at (x, y).
     *
     * @param y of the first baseline
     */
    static LengthIndexedPath of(TextPath path, double x, double y) {
        return path.match(new TextPath.Cases<LengthIndexedPath>() {
            @Override
            public LengthIndexedPath slope(TextPath.Slope slope) {
                return new Straight(x, y, slope.angle());
            }

            @Override
            public LengthIndexedPath arc(TextPath.Arc arc) {
                double radius = Math.abs(arc.radius());
                return arc.radius() > 0
                        ? new Round(x, y + radius, radius, 0, false)
                        : new Round(x, y - radius, radius, 180, true);
            }

            @Override
            public LengthIndexedPath circle(TextPath.Circle circle) {
                return new Round(x, y + circle.radius(), circle.radius(), circle.angle(), circle.inside());
            }

            @Override
            public LengthIndexedPath free(TextPath.Free free) {
                return new Curved(free.curve());
            }
        });
    }

    /** A line through a point. */
    record Straight(double x, double y, double angle) implements LengthIndexedPath {
        @Override
        public double length() {
            return 0;
        }

        @Override
        public Point at(double distance) {
            double radians = StrictMath.toRadians(angle);
            double atX = x + distance * StrictMath.cos(radians);
            double atY = y + distance * StrictMath.sin(radians);
            return new Point(atX, atY, angle, atX, atY);
        }
    }

    /**
     * A circle.
     *
     * @param start degrees clockwise from the top at which distance 0 stands
     * @param inside whether it is travelled anticlockwise, as words inside it are
     */
    record Round(double centreX, double centreY, double radius, double start, boolean inside)
            implements LengthIndexedPath {
        @Override
        public double length() {
            return 0;
        }

        @Override
        public Point at(double distance) {
            double turned = StrictMath.toDegrees(distance / radius);
            double degrees = start + (inside ? -turned : turned);
            double radians = StrictMath.toRadians(degrees - 90);
            return new Point(
                    centreX + radius * StrictMath.cos(radians),
                    centreY + radius * StrictMath.sin(radians),
                    inside ? degrees - 180 : degrees,
                    centreX,
                    centreY);
        }
    }

    /** Cubic Béziers, cut into short straight pieces once. */
    final class Curved implements LengthIndexedPath {
        /**
         * Chords of a curve: 64 of a quarter circle stay within 0.01 % of its radius, so that even speed is even to the eye on a path
         * across the frame.
         */
        private static final int PIECES = 64;

        private final List<double[]> points = new ArrayList<>();
        private final List<Double> lengths = new ArrayList<>();

        public Curved(Bezier curve) {
            List<Bezier.Knot> knots = curve.knots();
            int segments = curve.closed() ? knots.size() : knots.size() - 1;
            add(knots.get(0).x(), knots.get(0).y());
            for (int i = 0; i < segments; i++) {
                Bezier.Knot from = knots.get(i);
                Bezier.Knot to = knots.get((i + 1) % knots.size());
                for (int k = 1; k <= PIECES; k++) {
                    double t = (double) k / PIECES;
                    add(
                            cubic(from.x(), from.x() + from.outX(), to.x() + to.inX(), to.x(), t),
                            cubic(from.y(), from.y() + from.outY(), to.y() + to.inY(), to.y(), t));
                }
            }
        }

        private static double cubic(double a, double b, double c, double d, double t) {
            double u = 1 - t;
            return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
        }

        private void add(double x, double y) {
            double length = 0;
            if (!points.isEmpty()) {
                double[] last = points.get(points.size() - 1);
                double dx = x - last[0];
                double dy = y - last[1];
                double step = StrictMath.sqrt(dx * dx + dy * dy);
                if (step == 0) {
                    return;
                }
                length = lengths.get(lengths.size() - 1) + step;
            }
            points.add(new double[] {x, y});
            lengths.add(length);
        }

        @Override
        public double length() {
            return lengths.get(lengths.size() - 1);
        }

        @Override
        public Point at(double distance) {
            if (points.size() < 2) {
                double[] only = points.get(0);
                return new Point(only[0] + distance, only[1], 0, only[0], only[1]);
            }
            int piece = 1;
            while (piece < points.size() - 1 && lengths.get(piece) < distance) {
                piece++;
            }
            double[] from = points.get(piece - 1);
            double[] to = points.get(piece);
            double share = (distance - lengths.get(piece - 1)) / (lengths.get(piece) - lengths.get(piece - 1));
            double x = from[0] + (to[0] - from[0]) * share;
            double y = from[1] + (to[1] - from[1]) * share;
            double angle = StrictMath.toDegrees(StrictMath.atan2(to[1] - from[1], to[0] - from[0]));
            return new Point(x, y, angle, x, y);
        }
    }
}
