package knollwind.core.simulation;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Arrays;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Chords;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;

/** The lines of a letter, all its contours in turn, travelled by length. */
public final class Trace {
    /** Chords of a curve: 16 of a quarter of a circle stay within 0.13 % of its radius. */
    private static final int PIECES = 16;

    /** Directions are scaled alike that differ by less. */
    private static final double ALIKE = 1e-6;

    /** Outlines that are kept: letters of some faces, 20 KB each. */
    private static final int KEPT = 600;

    private static final Cache<Outline, Trace> OWN =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    /** Of each side x0, y0, x1, y1. */
    private double[] sides = new double[256];
    /** Length until behind each side. */
    private double[] until = new double[64];

    private int count;
    private double length;
    /** Of the lines onto those px in which sparks fly, its scale alike in all directions; null where they are in those. */
    private Matrix onto;

    private double scale = 1;

    private Trace(Trace lines, Matrix onto, double scale) {
        this.sides = lines.sides;
        this.until = lines.until;
        this.count = lines.count;
        this.length = lines.length * scale;
        this.onto = onto;
        this.scale = scale;
    }

    /**
     * The whole of the lines. Letters come again in each frame: their chords are kept where they are only moved, turned and sized.
     *
     * @param onto maps the outline's px to those in which sparks fly; flat
     */
    public static Trace of(Outline outline, Matrix onto) {
        double scale = Math.sqrt(onto.a() * onto.a() + onto.b() * onto.b());
        boolean alike = Math.abs(onto.a() * onto.c() + onto.b() * onto.d()) < ALIKE
                && Math.abs(scale - Math.sqrt(onto.c() * onto.c() + onto.d() * onto.d())) < ALIKE;
        return alike
                ? new Trace(OWN.get(outline, one -> new Trace(one, Matrix.IDENTITY, null)), onto, scale)
                : new Trace(outline, onto, null);
    }

    /**
     * Of the lines only what lies in a box.
     *
     * @param onto maps the outline's px to those in which sparks fly; flat
     * @param box in those; null for all of them
     */
    public Trace(Outline outline, Matrix onto, Box box) {
        Chords.of(outline, PIECES, (x0, y0, x1, y1) -> {
            Point from = onto.map(new double[] {x0, y0});
            Point to = onto.map(new double[] {x1, y1});
            double[] part = box == null ? new double[] {0, 1} : within(from, to, box);
            if (part[0] < part[1]) {
                side(between(from, to, part[0]), between(from, to, part[1]));
            }
        });
    }

    private static Point between(Point from, Point to, double part) {
        return new Point(from.x() + part * (to.x() - from.x()), from.y() + part * (to.y() - from.y()));
    }

    /** Which part of a line lies in a box: from there to there, 0 to 1; nothing where the first is the larger (Liang and Barsky, 1984). */
    private static double[] within(Point from, Point to, Box box) {
        double[] part = {0, 1};
        narrow(part, from.x(), to.x(), box.left(), box.right());
        narrow(part, from.y(), to.y(), box.top(), box.bottom());
        return part;
    }

    private static void narrow(double[] part, double from, double to, double least, double most) {
        if (from == to) {
            part[1] = from < least || from > most ? -1 : part[1];
            return;
        }
        double in = (least - from) / (to - from);
        double out = (most - from) / (to - from);
        part[0] = Math.max(part[0], Math.min(in, out));
        part[1] = Math.min(part[1], Math.max(in, out));
    }

    private void side(Point from, Point to) {
        if (count == until.length) {
            sides = Arrays.copyOf(sides, 2 * sides.length);
            until = Arrays.copyOf(until, 2 * until.length);
        }
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        length += Math.sqrt(dx * dx + dy * dy);
        sides[4 * count] = from.x();
        sides[4 * count + 1] = from.y();
        sides[4 * count + 2] = to.x();
        sides[4 * count + 3] = to.y();
        until[count++] = length;
    }

    /** px. */
    public double length() {
        return length;
    }

    /** The place that many px along, 0 to the length. */
    public Point at(double distance) {
        if (onto == null) {
            return along(distance);
        }
        Point own = along(distance / scale);
        return new Point(
                onto.a() * own.x() + onto.c() * own.y() + onto.e(), onto.b() * own.x() + onto.d() * own.y() + onto.f());
    }

    private Point along(double distance) {
        int from = 0;
        int to = count - 1;
        while (from < to) {
            int middle = (from + to) / 2;
            if (until[middle] < distance) {
                from = middle + 1;
            } else {
                to = middle;
            }
        }
        double before = from == 0 ? 0 : until[from - 1];
        double own = until[from] - before;
        double part = own == 0 ? 0 : Math.max(0, Math.min(1, (distance - before) / own));
        double x = sides[4 * from];
        double y = sides[4 * from + 1];
        return new Point(x + (sides[4 * from + 2] - x) * part, y + (sides[4 * from + 3] - y) * part);
    }
}
