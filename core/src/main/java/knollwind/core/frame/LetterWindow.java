package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/**
 * The letters of a title as a window that comes nearer until one of them fills the frame: the view goes towards the place that
 * lies deepest inside a letter.
 */
final class LetterWindow {
    /** Places tried each way in a letter's box: at 28 the one found is within 4 % of the box of the deepest. */
    private static final int GRID = 28;

    /** Chords of a curve, only to measure distances by: less than 1 % of a round letter off. */
    private static final int STEPS = 6;

    private final Outline letters;
    private final double x;
    private final double y;
    private final double deep;

    private LetterWindow(Outline letters, double x, double y, double deep) {
        this.letters = letters;
        this.x = x;
        this.y = y;
        this.deep = deep;
    }

    /**
     * @param glyphs in px of the frame, where they rest
     * @param into which of them fills the frame in the end; below 0 for the one with the most room inside
     * @return null where no letter has an inside
     */
    static LetterWindow of(List<Outline> glyphs, int into) {
        double[] best = into < 0 ? null : deepest(glyphs.get(into));
        boolean chosen = best != null;
        List<Byte> verbs = new ArrayList<>();
        List<Float> points = new ArrayList<>();
        Box ink = Box.EMPTY;
        for (Outline glyph : glyphs) {
            double[] found = chosen ? null : deepest(glyph);
            best = found != null && (best == null || found[2] > best[2]) ? found : best;
            for (byte verb : glyph.verbs()) {
                verbs.add(verb);
            }
            for (float point : glyph.points()) {
                points.add(point);
            }
            ink = ink.union(glyph.ink());
        }
        if (best == null) {
            return null;
        }
        byte[] allVerbs = new byte[verbs.size()];
        for (int i = 0; i < allVerbs.length; i++) {
            allVerbs[i] = verbs.get(i);
        }
        float[] allPoints = new float[points.size()];
        for (int i = 0; i < allPoints.length; i++) {
            allPoints[i] = points.get(i);
        }
        return new LetterWindow(Outline.of(allVerbs, allPoints, ink), best[0], best[1], best[2]);
    }

    Outline letters() {
        return letters;
    }

    /**
     * How near the window is: scales grow evenly by factors, and the deepest place moves to the middle.
     *
     * @param progress 0 as it rests, 1 where it fills the frame
     */
    Matrix at(double progress, double width, double height) {
        double fills = 1.15 * Math.hypot(width, height) / 2 / deep;
        double scale = StrictMath.pow(Math.max(1, fills), progress);
        // In step with the growth, so that it goes there on a straight line without a swing.
        double way = fills <= 1 ? progress : (scale - 1) / (fills - 1);
        double toX = x + (width / 2 - x) * way;
        double toY = y + (height / 2 - y) * way;
        return Matrix.translate(toX, toY).times(Matrix.scale(scale, scale)).times(Matrix.translate(-x, -y));
    }

    /** The place farthest from the contour among those of a grid that lie inside: x, y, distance; null for none. */
    private static double[] deepest(Outline glyph) {
        List<double[]> sides = sides(glyph);
        Box box = glyph.ink();
        double[] best = null;
        for (int i = 1; i < GRID; i++) {
            for (int k = 1; k < GRID; k++) {
                double px = box.left() + box.width() * i / GRID;
                double py = box.top() + box.height() * k / GRID;
                if (winding(sides, px, py) == 0) {
                    continue;
                }
                double near = Double.MAX_VALUE;
                for (double[] side : sides) {
                    near = Math.min(near, distance(side, px, py));
                }
                if (best == null || near > best[2]) {
                    best = new double[] {px, py, near};
                }
            }
        }
        return best;
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
