package knollwind.core.simulation;

import java.util.Arrays;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Chords;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;

/** What an outline encloses (non-zero winding), in its own px. */
public final class Area {
    /** Chords of a curve. */
    private static final int PIECES = 6;

    private final Box box;
    /** Of each side x0, y0, x1, y1. */
    private double[] sides = new double[256];

    private int count;
    /** Where a row is crossed, and which way. */
    private double[] crossed = new double[16];

    private int[] turns = new int[16];

    public Area(Outline outline) {
        this.box = outline.ink();
        Chords.of(outline, PIECES, (x0, y0, x1, y1) -> {
            if (4 * count == sides.length) {
                sides = Arrays.copyOf(sides, 2 * sides.length);
            }
            sides[4 * count] = x0;
            sides[4 * count + 1] = y0;
            sides[4 * count + 2] = x1;
            sides[4 * count + 3] = y1;
            count++;
        });
    }

    public boolean holds(double x, double y) {
        int winding = 0;
        for (int i = 0; i < 4 * count; i += 4) {
            winding += crosses(i, y) && at(i, y) > x ? turn(i) : 0;
        }
        return winding != 0;
    }

    /**
     * A place inside.
     *
     * @param down 0 to 1, from the top to the foot
     * @param across 0 to 1, of what is inside in that row
     * @return null where nothing is
     */
    public Point inside(double down, double across) {
        double y = box.top() + down * box.height();
        int found = crossings(y);
        double wide = 0;
        int winding = 0;
        for (int i = 0; i + 1 < found; i++) {
            winding += turns[i];
            wide += winding == 0 ? 0 : crossed[i + 1] - crossed[i];
        }
        double left = wide * across;
        winding = 0;
        for (int i = 0; i + 1 < found; i++) {
            winding += turns[i];
            double part = winding == 0 ? 0 : crossed[i + 1] - crossed[i];
            if (part > 0 && left <= part) {
                return new Point(crossed[i] + left, y);
            }
            left -= part;
        }
        return null;
    }

    /** From the left to the right. */
    private int crossings(double y) {
        int found = 0;
        for (int i = 0; i < 4 * count; i += 4) {
            if (!crosses(i, y)) {
                continue;
            }
            if (found == crossed.length) {
                crossed = Arrays.copyOf(crossed, 2 * found);
                turns = Arrays.copyOf(turns, 2 * found);
            }
            double x = at(i, y);
            int place = found++;
            while (place > 0 && crossed[place - 1] > x) {
                crossed[place] = crossed[place - 1];
                turns[place] = turns[place - 1];
                place--;
            }
            crossed[place] = x;
            turns[place] = turn(i);
        }
        return found;
    }

    private boolean crosses(int i, double y) {
        return sides[i + 1] <= y != sides[i + 3] <= y;
    }

    private int turn(int i) {
        return sides[i + 1] < sides[i + 3] ? 1 : -1;
    }

    private double at(int i, double y) {
        return sides[i] + (y - sides[i + 1]) / (sides[i + 3] - sides[i + 1]) * (sides[i + 2] - sides[i]);
    }
}
