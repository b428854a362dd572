package knollwind.core.geometry;

/** Outlines as straight lines: their curves are cut into chords. */
public final class Chords {
    /** A straight side, from its begin to its end. */
    public interface Side {
        void from(double x0, double y0, double x1, double y1);
    }

    private Chords() {}

    /**
     * Tells all sides of all contours in turn, of each the one that closes it last; those without length are left out.
     *
     * @param pieces chords of a curve
     */
    public static void of(Outline outline, int pieces, Side told) {
        float[] p = outline.points();
        int at = 0;
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (byte verb : outline.verbs()) {
            if (verb == Outline.MOVE || verb == Outline.CLOSE) {
                side(told, x, y, startX, startY);
                if (verb == Outline.MOVE) {
                    startX = p[at];
                    startY = p[at + 1];
                    at += 2;
                }
                x = startX;
                y = startY;
                continue;
            }
            int count = verb == Outline.LINE ? 1 : verb == Outline.QUADRATIC ? 2 : 3;
            double fromX = x;
            double fromY = y;
            int parts = count == 1 ? 1 : pieces;
            for (int k = 1; k <= parts; k++) {
                double t = (double) k / parts;
                double nextX = Contours.along(fromX, p, at, count, t);
                double nextY = Contours.along(fromY, p, at + 1, count, t);
                side(told, x, y, nextX, nextY);
                x = nextX;
                y = nextY;
            }
            at += 2 * count;
        }
        side(told, x, y, startX, startY);
    }

    private static void side(Side told, double x0, double y0, double x1, double y1) {
        if (x0 != x1 || y0 != y1) {
            told.from(x0, y0, x1, y1);
        }
    }
}
