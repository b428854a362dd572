package knollwind.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Outlines taken apart into their closed lines, each with its length. Safe for threads. */
public final class Contours {
    /**
     * One line.
     *
     * @param length px
     */
    public record Contour(Outline outline, double length) {}

    /** Chords of a curve: 24 of a quarter circle stay within 0.05 % of its radius, 12 within 0.2 %. */
    private static final int PIECES = 24;

    private final Map<Long, List<Contour>> kept = new ConcurrentHashMap<>();

    /** The lines of an outline, which are found once. */
    public List<Contour> of(Outline outline) {
        return kept.computeIfAbsent(outline.id(), id -> split(outline));
    }

    /** The lines of an outline. */
    public static List<Contour> split(Outline outline) {
        List<Contour> contours = new ArrayList<>();
        int verbFrom = 0;
        int pointFrom = 0;
        int point = 0;
        byte[] verbs = outline.verbs();
        for (int i = 0; i <= verbs.length; i++) {
            boolean ends = i == verbs.length || verbs[i] == Outline.MOVE && i > verbFrom;
            if (ends && i > verbFrom) {
                byte[] own = Arrays.copyOfRange(verbs, verbFrom, i);
                float[] points = Arrays.copyOfRange(outline.points(), pointFrom, point);
                contours.add(new Contour(Outline.of(own, points, outline.ink()), length(own, points)));
                verbFrom = i;
                pointFrom = point;
            }
            if (i < verbs.length) {
                point += 2 * Outline.pointsOf(verbs[i]);
            }
        }
        return List.copyOf(contours);
    }

    /** Curves are measured in short straight pieces. */
    private static double length(byte[] verbs, float[] p) {
        double length = 0;
        int at = 0;
        double x = 0;
        double y = 0;
        for (byte verb : verbs) {
            int count = Outline.pointsOf(verb);
            if (verb == Outline.CLOSE) {
                length += distance(x, y, p[0], p[1]);
            } else if (verb != Outline.MOVE) {
                double beforeX = x;
                double beforeY = y;
                for (int k = 1; k <= PIECES; k++) {
                    double t = (double) k / PIECES;
                    double nextX = along(x, p, at, count, t);
                    double nextY = along(y, p, at + 1, count, t);
                    length += distance(beforeX, beforeY, nextX, nextY);
                    beforeX = nextX;
                    beforeY = nextY;
                }
            }
            if (count > 0) {
                x = p[at + 2 * count - 2];
                y = p[at + 2 * count - 1];
                at += 2 * count;
            }
        }
        return length;
    }

    /** A Bézier from a start through 1 to 3 points, by De Casteljau. */
    static double along(double start, float[] p, int at, int count, double t) {
        double[] values = new double[count + 1];
        values[0] = start;
        for (int i = 0; i < count; i++) {
            values[i + 1] = p[at + 2 * i];
        }
        for (int left = count; left > 0; left--) {
            for (int i = 0; i < left; i++) {
                values[i] += (values[i + 1] - values[i]) * t;
            }
        }
        return values[0];
    }

    private static double distance(double x0, double y0, double x1, double y1) {
        return StrictMath.sqrt((x1 - x0) * (x1 - x0) + (y1 - y0) * (y1 - y0));
    }
}
