package knollwind.core.simulation;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Chords;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;

/** The lines of a letter, all its contours in turn, travelled by length. */
public final class Trace {
    /** Chords of a curve: 24 stay within 0.2 % of its radius. */
    private static final int PIECES = 24;

    /** Of each side x0, y0, x1, y1. */
    private final List<double[]> sides = new ArrayList<>();
    /** Length until behind each side. */
    private final List<Double> until = new ArrayList<>();

    private double length;

    /** @param onto maps the outline's px to those in which sparks fly; flat */
    public Trace(Outline outline, Matrix onto) {
        Chords.of(outline, PIECES, (x0, y0, x1, y1) -> {
            Point from = onto.map(new double[] {x0, y0});
            Point to = onto.map(new double[] {x1, y1});
            length += Math.hypot(to.x() - from.x(), to.y() - from.y());
            sides.add(new double[] {from.x(), from.y(), to.x(), to.y()});
            until.add(length);
        });
    }

    /** px. */
    public double length() {
        return length;
    }

    /** The place that many px along, 0 to the length. */
    Point at(double distance) {
        int from = 0;
        int to = sides.size() - 1;
        while (from < to) {
            int middle = (from + to) / 2;
            if (until.get(middle) < distance) {
                from = middle + 1;
            } else {
                to = middle;
            }
        }
        double[] side = sides.get(from);
        double before = from == 0 ? 0 : until.get(from - 1);
        double own = until.get(from) - before;
        double part = own == 0 ? 0 : Math.max(0, Math.min(1, (distance - before) / own));
        return new Point(side[0] + (side[2] - side[0]) * part, side[1] + (side[3] - side[1]) * part);
    }
}
