package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Outline;

/** Outlines as straight lines. */
final class Flat {
    /** Into which each curve is cut: a letter's are short, and the ends of a sweep are drawn by the curves themselves. */
    private static final int PARTS = 10;

    private Flat() {}

    /** All sides of all contours, closed ones by their last side too: x and y of its begin, x and y of its end. */
    static List<double[]> segments(Outline outline) {
        List<double[]> segments = new ArrayList<>();
        float[] p = outline.points();
        int at = 0;
        double x = 0;
        double y = 0;
        double firstX = 0;
        double firstY = 0;
        for (byte verb : outline.verbs()) {
            switch (verb) {
                case Outline.MOVE -> {
                    add(segments, x, y, firstX, firstY);
                    firstX = p[at];
                    firstY = p[at + 1];
                    x = firstX;
                    y = firstY;
                    at += 2;
                }
                case Outline.LINE -> {
                    add(segments, x, y, p[at], p[at + 1]);
                    x = p[at];
                    y = p[at + 1];
                    at += 2;
                }
                case Outline.QUADRATIC -> {
                    double[] from = {x, y};
                    for (int i = 1; i <= PARTS; i++) {
                        double t = (double) i / PARTS;
                        double u = 1 - t;
                        double nx = u * u * from[0] + 2 * u * t * p[at] + t * t * p[at + 2];
                        double ny = u * u * from[1] + 2 * u * t * p[at + 1] + t * t * p[at + 3];
                        add(segments, x, y, nx, ny);
                        x = nx;
                        y = ny;
                    }
                    at += 4;
                }
                case Outline.CUBIC -> {
                    double[] from = {x, y};
                    for (int i = 1; i <= PARTS; i++) {
                        double t = (double) i / PARTS;
                        double u = 1 - t;
                        double nx = u * u * u * from[0]
                                + 3 * u * u * t * p[at]
                                + 3 * u * t * t * p[at + 2]
                                + t * t * t * p[at + 4];
                        double ny = u * u * u * from[1]
                                + 3 * u * u * t * p[at + 1]
                                + 3 * u * t * t * p[at + 3]
                                + t * t * t * p[at + 5];
                        add(segments, x, y, nx, ny);
                        x = nx;
                        y = ny;
                    }
                    at += 6;
                }
                default -> {
                    add(segments, x, y, firstX, firstY);
                    x = firstX;
                    y = firstY;
                }
            }
        }
        add(segments, x, y, firstX, firstY);
        return segments;
    }

    private static void add(List<double[]> segments, double x0, double y0, double x1, double y1) {
        if (x0 != x1 || y0 != y1) {
            segments.add(new double[] {x0, y0, x1, y1});
        }
    }
}
