package knollwind.core.dressing;

import java.util.Arrays;
import java.util.Optional;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Small shapes that are one outline. */
final class Marks {
    /** Of a dot that is so small nobody sees the corners: px of its radius. */
    private static final double TINY = 1.3;

    /** By which a square on its corner is larger than a disc of the same area. */
    private static final double SQUARE = Math.sqrt(Math.PI / 2);

    /** Of the radius of a star: where its sides meet. */
    private static final double WAIST = 0.3;

    private static final double[] DIAMOND = round(4);

    private float[] points = new float[512];
    private byte[] verbs = new byte[512];
    private int point;
    private int verb;
    /** Of the mark that is being made. */
    private int first;

    private double left = Double.POSITIVE_INFINITY;
    private double top = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double bottom = Double.NEGATIVE_INFINITY;

    /** Around the unit circle. */
    private final double[] round;

    /** @param sides of what is round */
    Marks(int sides) {
        round = round(sides);
    }

    private static double[] round(int sides) {
        double[] round = new double[2 * sides];
        for (int i = 0; i < sides; i++) {
            round[2 * i] = StrictMath.cos(2 * Math.PI * i / sides);
            round[2 * i + 1] = StrictMath.sin(2 * Math.PI * i / sides);
        }
        return round;
    }

    void dot(double x, double y, double radius) {
        boolean tiny = radius < TINY;
        double[] around = tiny ? DIAMOND : round;
        double far = tiny ? SQUARE * radius : radius;
        begin(around.length, x - far, y - far, x + far, y + far);
        for (int i = 0; i < around.length; i += 2) {
            corner(x + far * around[i], y + far * around[i + 1]);
        }
        close();
    }

    /** With four points. */
    void star(double x, double y, double radius) {
        begin(2 * DIAMOND.length, x - radius, y - radius, x + radius, y + radius);
        for (int i = 0; i < DIAMOND.length; i += 2) {
            int next = (i + 2) % DIAMOND.length;
            corner(x + radius * DIAMOND[i], y + radius * DIAMOND[i + 1]);
            double inX = (DIAMOND[i] + DIAMOND[next]) / 2 * WAIST;
            double inY = (DIAMOND[i + 1] + DIAMOND[next + 1]) / 2 * WAIST;
            corner(x + radius * inX, y + radius * inY);
        }
        close();
    }

    /** Pointed behind. */
    void streak(double x, double y, double tailX, double tailY, double radius) {
        double dx = x - tailX;
        double dy = y - tailY;
        double length = Math.sqrt(dx * dx + dy * dy);
        if (length <= radius) {
            dot(x, y, radius);
            return;
        }
        double ux = dx / length * radius;
        double uy = dy / length * radius;
        begin(
                8,
                Math.min(tailX, x - radius),
                Math.min(tailY, y - radius),
                Math.max(tailX, x + radius),
                Math.max(tailY, y + radius));
        corner(tailX, tailY);
        corner(x + uy, y - ux);
        corner(x + ux, y + uy);
        corner(x - uy, y + ux);
        close();
    }

    /**
     * Makes room.
     *
     * @param numbers of its corners
     */
    private void begin(int numbers, double fromX, double fromY, double toX, double toY) {
        if (point + numbers > points.length) {
            points = Arrays.copyOf(points, 2 * points.length);
        }
        // One more for what closes it.
        if (verb + numbers / 2 + 1 > verbs.length) {
            verbs = Arrays.copyOf(verbs, 2 * verbs.length);
        }
        first = verb;
        left = Math.min(left, fromX);
        top = Math.min(top, fromY);
        right = Math.max(right, toX);
        bottom = Math.max(bottom, toY);
    }

    private void corner(double x, double y) {
        points[point++] = (float) x;
        points[point++] = (float) y;
        verbs[verb++] = Outline.LINE;
    }

    private void close() {
        verbs[first] = Outline.MOVE;
        verbs[verb++] = Outline.CLOSE;
    }

    /** All of them; empty where there are none. */
    Optional<Outline> outline() {
        return verb == 0
                ? Optional.empty()
                : Optional.of(Outline.of(
                        Arrays.copyOf(verbs, verb), Arrays.copyOf(points, point), new Box(left, top, right, bottom)));
    }
}
