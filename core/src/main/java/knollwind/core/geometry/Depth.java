package knollwind.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A place inside an outline that lies far from its contour, so that much can be seen through it.
 *
 * @param distance px to the nearest point of the contour
 */
public record Depth(double x, double y, double distance) {
    /** Places tried each way in an outline's box: at 28 the one found is within 4 % of the box of the deepest. */
    private static final int GRID = 28;

    /** Chords of a curve, only to measure distances by: less than 1 % of a round letter off. */
    private static final int STEPS = 6;

    /** Of half the diagonal: how much of a frame is filled in the end, so that no edge is seen. */
    private static final double MORE = 1.15;

    /** The deepest place in its ink: in a stem, or where it is heaviest. */
    public static Optional<Depth> inside(Outline outline) {
        return deepest(outline, false);
    }

    /** The deepest place in what it encloses without covering it, as the middle of an O; empty where it encloses nothing. */
    public static Optional<Depth> counter(Outline outline) {
        return deepest(outline, true);
    }

    /** The same place where a matrix in the plane brings it. */
    public Depth through(Matrix matrix) {
        Point at = matrix.map(new double[] {x, y});
        double grown = Math.sqrt(Math.abs(matrix.a() * matrix.d() - matrix.b() * matrix.c()));
        return new Depth(at.x(), at.y(), distance * grown);
    }

    /**
     * What comes nearer until this place fills a frame: scales grow evenly by factors, and it moves to the middle.
     *
     * @param progress 0 as it is, 1 where it fills the frame
     */
    public Matrix flight(double progress, Box frame) {
        double fills = MORE * Math.hypot(frame.width(), frame.height()) / 2 / distance;
        double scale = StrictMath.pow(Math.max(1, fills), progress);
        // In step with the growth, so that it goes there on a straight line without a swing.
        double way = fills <= 1 ? progress : (scale - 1) / (fills - 1);
        double toX = x + ((frame.left() + frame.right()) / 2 - x) * way;
        double toY = y + ((frame.top() + frame.bottom()) / 2 - y) * way;
        return Matrix.translate(toX, toY).times(Matrix.scale(scale, scale)).times(Matrix.translate(-x, -y));
    }

    /** The place farthest from the contour among those of a grid that count. */
    private static Optional<Depth> deepest(Outline glyph, boolean counter) {
        List<double[]> sides = sides(glyph);
        // A counter lies in one of the contours, and in as many that turn the other way.
        List<List<double[]>> contours = counter
                ? Contours.split(glyph).stream()
                        .map(one -> sides(one.outline()))
                        .toList()
                : List.of();
        Box box = glyph.ink();
        Depth best = null;
        for (int i = 1; i < GRID; i++) {
            for (int k = 1; k < GRID; k++) {
                double px = box.left() + box.width() * i / GRID;
                double py = box.top() + box.height() * k / GRID;
                boolean inked = winding(sides, px, py) != 0;
                boolean counts =
                        counter ? !inked && contours.stream().anyMatch(one -> winding(one, px, py) != 0) : inked;
                if (!counts) {
                    continue;
                }
                double near = Double.MAX_VALUE;
                for (double[] side : sides) {
                    near = Math.min(near, distance(side, px, py));
                }
                if (best == null || near > best.distance()) {
                    best = new Depth(px, py, near);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static int winding(List<double[]> sides, double px, double py) {
        int winding = 0;
        for (double[] s : sides) {
            double cross = (s[2] - s[0]) * (py - s[1]) - (px - s[0]) * (s[3] - s[1]);
            if (s[1] <= py && s[3] > py && cross > 0) {
                winding++;
            } else if (s[1] > py && s[3] <= py && cross < 0) {
                winding--;
            }
        }
        return winding;
    }

    private static double distance(double[] s, double px, double py) {
        double dx = s[2] - s[0];
        double dy = s[3] - s[1];
        double length = dx * dx + dy * dy;
        double t = length == 0 ? 0 : Math.max(0, Math.min(1, ((px - s[0]) * dx + (py - s[1]) * dy) / length));
        return Math.hypot(px - s[0] - t * dx, py - s[1] - t * dy);
    }

    /** The contour as straight sides: x0, y0, x1, y1. */
    private static List<double[]> sides(Outline glyph) {
        List<double[]> sides = new ArrayList<>();
        float[] p = glyph.points();
        int at = 0;
        double[] now = {0, 0};
        double[] start = {0, 0};
        for (byte verb : glyph.verbs()) {
            int count = verb == Outline.CUBIC ? 3 : verb == Outline.QUADRATIC ? 2 : verb == Outline.CLOSE ? 0 : 1;
            double[] end = verb == Outline.CLOSE ? start : new double[] {p[at + 2 * count - 2], p[at + 2 * count - 1]};
            if (verb == Outline.MOVE) {
                start = end;
            } else {
                double[] from = now;
                int steps = count > 1 ? STEPS : 1;
                for (int i = 1; i <= steps; i++) {
                    double t = (double) i / steps;
                    double[] to = i == steps ? end : point(verb, from, p, at, t);
                    sides.add(new double[] {now[0], now[1], to[0], to[1]});
                    now = to;
                }
            }
            now = end;
            at += 2 * count;
        }
        return sides;
    }

    private static double[] point(byte verb, double[] from, float[] p, int at, double t) {
        double u = 1 - t;
        double[] to = new double[2];
        for (int axis = 0; axis < 2; axis++) {
            to[axis] = verb == Outline.QUADRATIC
                    ? u * u * from[axis] + 2 * u * t * p[at + axis] + t * t * p[at + 2 + axis]
                    : u * u * u * from[axis]
                            + 3 * u * u * t * p[at + axis]
                            + 3 * u * t * t * p[at + 2 + axis]
                            + t * t * t * p[at + 4 + axis];
        }
        return to;
    }
}
