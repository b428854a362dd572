package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;

/**
 * Outlines whose points are moved. Sides and curves are cut into pieces so short that they look bent; edges stay sharp at any size. What
 * letters are filled with stays as it is.
 */
final class Warp {
    /** Where a point is moved to, px of the list. */
    interface Field {
        Point moved(double x, double y);
    }

    /** Of the type size: how long a piece is at most. */
    private static final double PIECE = 1 / 40.0;

    /** Of one contour's side or curve. */
    private static final int MOST_PIECES = 400;

    private final Field field;
    private final double longest;
    /** What lies outside it is not bent: edges of clips may lie far outside the frame. */
    private final Box room;

    private Warp(Field field, double longest, Box room) {
        this.field = field;
        this.longest = longest;
        this.room = room;
    }

    static DisplayList of(Wearer wearer, Field field) {
        return of(wearer, wearer.now(), field);
    }

    static DisplayList of(Wearer wearer, DisplayList list, Field field) {
        Warp warp = new Warp(
                field, Math.max(0.5, wearer.em() * PIECE), Room.of(wearer, list).grown(wearer.em()));
        DisplayList.Builder out = new DisplayList.Builder();
        Walk.over(list, (paint, matrix) -> out.all(List.of(warp.warped(paint, matrix))));
        return out.build();
    }

    private PaintOp warped(PaintOp paint, Matrix matrix) {
        if (paint instanceof PaintOp.Fill fill) {
            return warped(fill, matrix);
        }
        if (paint instanceof PaintOp.Stroke stroke) {
            return stroke.with(warped(stroke.fill(), matrix));
        }
        if (paint instanceof PaintOp.Clip clip) {
            return new PaintOp.Clip(warped(clip.outline(), matrix));
        }
        return paint;
    }

    private PaintOp.Fill warped(PaintOp.Fill fill, Matrix matrix) {
        return new PaintOp.Fill(warped(fill.outline(), matrix), fill.ink(), fill.opacity());
    }

    private Outline warped(Outline outline, Matrix matrix) {
        Optional<Matrix> back = matrix.back();
        if (back.isEmpty() || outline.isEmpty()) {
            return outline;
        }
        Path path = new Path(matrix, back.get());
        float[] p = outline.points();
        int at = 0;
        for (byte verb : outline.verbs()) {
            switch (verb) {
                case Outline.MOVE -> path.move(p[at], p[at + 1]);
                case Outline.LINE -> path.curve(p[at], p[at + 1]);
                case Outline.QUADRATIC -> path.curve(p[at], p[at + 1], p[at + 2], p[at + 3]);
                case Outline.CUBIC -> path.curve(p[at], p[at + 1], p[at + 2], p[at + 3], p[at + 4], p[at + 5]);
                default -> path.close();
            }
            at += 2 * Outline.pointsOf(verb);
        }
        // What nothing moves stays as it is: its curves are not cut, and it is the same outline in every frame.
        return path.bent ? path.outline() : outline;
    }

    /** An outline on its way. */
    private final class Path {
        private final Matrix matrix;
        private final Matrix back;
        private final List<Point> points = new ArrayList<>();
        private final List<Byte> verbs = new ArrayList<>();
        private double x;
        private double y;
        private double firstX;
        private double firstY;
        private boolean bent;

        Path(Matrix matrix, Matrix back) {
            this.matrix = matrix;
            this.back = back;
        }

        void move(double toX, double toY) {
            add(Outline.MOVE, toX, toY);
            firstX = x = toX;
            firstY = y = toY;
        }

        /** @param c control points and the end of a Bézier curve of the first, second or third degree */
        void curve(double... c) {
            double length = 0;
            double[] all = new double[c.length + 2];
            all[0] = x;
            all[1] = y;
            System.arraycopy(c, 0, all, 2, c.length);
            for (int i = 2; i < all.length; i += 2) {
                Point from = matrix.map(new double[] {all[i - 2], all[i - 1]});
                Point to = matrix.map(new double[] {all[i], all[i + 1]});
                length += Math.hypot(to.x() - from.x(), to.y() - from.y());
            }
            int pieces = (int) Math.max(1, Math.min(MOST_PIECES, Math.ceil(length / longest)));
            for (int i = 1; i <= pieces; i++) {
                double[] point = at(all, (double) i / pieces);
                add(Outline.LINE, point[0], point[1]);
            }
            x = c[c.length - 2];
            y = c[c.length - 1];
        }

        /** By de Casteljau's construction. */
        private static double[] at(double[] points, double t) {
            double[] p = points.clone();
            for (int count = p.length / 2 - 1; count > 0; count--) {
                for (int i = 0; i < 2 * count; i++) {
                    p[i] += (p[i + 2] - p[i]) * t;
                }
            }
            return p;
        }

        void close() {
            if (x != firstX || y != firstY) {
                curve(firstX, firstY);
            }
            verbs.add(Outline.CLOSE);
        }

        private void add(byte verb, double ownX, double ownY) {
            Point here = matrix.map(new double[] {ownX, ownY});
            boolean inside = here.x() > room.left()
                    && here.x() < room.right()
                    && here.y() > room.top()
                    && here.y() < room.bottom();
            Point moved = inside ? field.moved(here.x(), here.y()) : here;
            bent |= moved.x() != here.x() || moved.y() != here.y();
            points.add(back.map(new double[] {moved.x(), moved.y()}));
            verbs.add(verb);
        }

        Outline outline() {
            byte[] all = new byte[verbs.size()];
            for (int i = 0; i < all.length; i++) {
                all[i] = verbs.get(i);
            }
            float[] flat = new float[2 * points.size()];
            Box box = Box.EMPTY;
            for (int i = 0; i < points.size(); i++) {
                Point point = points.get(i);
                flat[2 * i] = (float) point.x();
                flat[2 * i + 1] = (float) point.y();
                box = box.union(new Box(point.x(), point.y(), point.x(), point.y()));
            }
            return Outline.of(all, flat, box);
        }
    }
}
