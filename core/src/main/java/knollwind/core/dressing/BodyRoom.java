package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Chords;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.geometry.Point;
import knollwind.core.simulation.Area;
import knollwind.core.simulation.Setup;
import knollwind.core.simulation.Solid;

/** A room that bodies are kept inside of, bounded by outlines; px of the base format. */
final class BodyRoom {
    /** px that its walls are thick, outwards: as thin as a counter of a letter may be. */
    private static final double THICK = 14;

    /** Chords of a curve. */
    private static final int CHORDS = 12;

    /** Places that are tried before the one with most room around it is taken. */
    private static final int TRIES = 48;

    /** @param matrix of the area onto px of the base format */
    private record Part(Matrix matrix, Area area, double size) {}

    /** Of each side x0, y0, x1, y1. */
    private final List<double[]> sides = new ArrayList<>();

    private final List<Part> parts = new ArrayList<>();

    private BodyRoom() {}

    static BodyRoom circle(double x, double y, double radius) {
        BodyRoom room = new BodyRoom();
        room.add(Outlines.ellipse(new Box(x - radius, y - radius, x + radius, y + radius)), Matrix.IDENTITY);
        return room;
    }

    /** What a list fills or outlines: a shape, or the letters of words. */
    static BodyRoom of(DisplayList list, double px) {
        BodyRoom room = new BodyRoom();
        Lettering.standing(list)
                .forEach(one ->
                        room.add(one.outline(), Matrix.scale(1 / px, 1 / px).times(one.matrix())));
        return room;
    }

    private void add(Outline outline, Matrix matrix) {
        double[] twice = {0};
        List<double[]> own = new ArrayList<>();
        Chords.of(outline, CHORDS, (x0, y0, x1, y1) -> {
            Point from = matrix.map(new double[] {x0, y0});
            Point to = matrix.map(new double[] {x1, y1});
            twice[0] += from.x() * to.y() - to.x() * from.y();
            own.add(new double[] {from.x(), from.y(), to.x(), to.y()});
        });
        // So that what is inside lies on the same side of all of them; a hole runs the other way round.
        for (double[] side : own) {
            sides.add(twice[0] > 0 ? side : new double[] {side[2], side[3], side[0], side[1]});
        }
        Box box = outline.ink();
        parts.add(new Part(matrix, new Area(outline), box.width() * box.height()));
    }

    boolean isEmpty() {
        return sides.isEmpty();
    }

    /** A wall along each side, outside of it. */
    List<Setup.Wall> walls() {
        List<Setup.Wall> walls = new ArrayList<>();
        for (double[] side : sides) {
            double dx = side[2] - side[0];
            double dy = side[3] - side[1];
            double length = Math.hypot(dx, dy);
            if (length == 0) {
                continue;
            }
            double outX = dy / length * THICK;
            double outY = -dx / length * THICK;
            double x = (side[0] + side[2] + outX) / 2;
            double y = (side[1] + side[3] + outY) / 2;
            List<Point> corners = List.of(
                    new Point(side[0] - x, side[1] - y),
                    new Point(side[2] - x, side[3] - y),
                    new Point(side[2] + outX - x, side[3] + outY - y),
                    new Point(side[0] + outX - x, side[1] + outY - y));
            walls.add(new Setup.Wall(Solid.outline(length, THICK, List.of(corners)), x, y));
        }
        return walls;
    }

    /**
     * Where a body has room.
     *
     * @param reach px from its middle to its furthest corner
     * @param deals numbers of its own, 0 to 1, as many as are asked for
     */
    Point place(double reach, IntToDoubleFunction deals) {
        Point best = new Point(0, 0);
        double most = Double.NEGATIVE_INFINITY;
        double all = parts.stream().mapToDouble(Part::size).sum();
        for (int i = 0; i < TRIES && most < reach; i++) {
            double chosen = deals.applyAsDouble(3 * i) * all;
            Part part = parts.get(parts.size() - 1);
            for (Part one : parts) {
                chosen -= one.size();
                if (chosen < 0) {
                    part = one;
                    break;
                }
            }
            Point own = part.area().inside(deals.applyAsDouble(3 * i + 1), deals.applyAsDouble(3 * i + 2));
            if (own != null) {
                Point at = part.matrix().map(new double[] {own.x(), own.y()});
                double free = free(at);
                if (free > most) {
                    most = free;
                    best = at;
                }
            }
        }
        return best;
    }

    /** px to the nearest side. */
    private double free(Point at) {
        double least = Double.POSITIVE_INFINITY;
        for (double[] side : sides) {
            double dx = side[2] - side[0];
            double dy = side[3] - side[1];
            double along = ((at.x() - side[0]) * dx + (at.y() - side[1]) * dy) / Math.max(1e-9, dx * dx + dy * dy);
            double part = Math.max(0, Math.min(1, along));
            least = Math.min(least, Math.hypot(side[0] + part * dx - at.x(), side[1] + part * dy - at.y()));
        }
        return least;
    }
}
