package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.motion.MoveCurve;
import knollwind.core.motion.Pose;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Property;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.Box;
import knollwind.core.type.Outline;
import knollwind.core.type.Unit;

/**
 * The units of one kind with the moves that act on them. Moves of one pivot add up by value, those of another multiply as
 * matrices, in document order.
 */
record Level(UnitKind kind, List<Unit> units, List<MoveCurve> moves) {
    /** Far beyond any frame, yet exact in 32-bit floats. */
    private static final double FAR = 65_536;

    /**
     * What a unit looks like at a time.
     *
     * @param tintWeight sum of the weights of the colours that lie over it
     * @param tint their sum, linear light, each times its weight
     */
    record Look(
            Matrix matrix,
            double opacity,
            double blurX,
            double blurY,
            Outline clip,
            boolean hidden,
            double tintWeight,
            double[] tint) {
        static final Look REST = new Look(Matrix.IDENTITY, 1, 0, 0, null, false, 0, new double[3]);
    }

    /** Poses to be filled again for every unit: one for each pivot, and which of them a move adds to. */
    final class Poses {
        private final List<Pose> poses = new ArrayList<>();
        private final int[] of = new int[moves.size()];

        private Poses() {
            for (int i = 0; i < of.length; i++) {
                Pivot pivot = moves.get(i).move().pivot();
                int at = 0;
                while (at < poses.size() && !poses.get(at).pivot().equals(pivot)) {
                    at++;
                }
                if (at == poses.size()) {
                    poses.add(new Pose(pivot));
                }
                of[i] = at;
            }
        }

        /** Sets them to a unit at a time; false when the unit is hidden. */
        private boolean set(int unit, double time) {
            poses.forEach(Pose::clear);
            for (int i = 0; i < of.length; i++) {
                if (moves.get(i).hides(unit, time)) {
                    return false;
                }
                moves.get(i).addTo(poses.get(of[i]), unit, time);
            }
            return true;
        }
    }

    Poses poses() {
        return new Poses();
    }

    /**
     * The unit's look.
     *
     * @param shift px to the right that animated tracking has pushed the unit
     */
    Look look(Poses set, int unit, double time, double shift, Box lineInk, double lineBaseline) {
        if (!set.set(unit, time)) {
            return new Look(Matrix.IDENTITY, 0, 0, 0, null, true, 0, null);
        }
        Matrix matrix = shift == 0 ? Matrix.IDENTITY : Matrix.translate(shift, 0);
        double opacity = 1;
        double blurX = 0;
        double blurY = 0;
        double weight = 0;
        double[] tint = null;
        Outline clip = null;
        for (Pose pose : set.poses) {
            if (pose.isRest()) {
                continue;
            }
            matrix = matrix.times(matrix(pose, pivot(units.get(unit), pose.pivot())));
            opacity *= pose.get(Property.OPACITY);
            blurX += pose.get(Property.BLUR_X);
            blurY += pose.get(Property.BLUR_Y);
            double own = pose.get(Property.TINT);
            if (own > 0) {
                weight += own;
                tint = tint == null ? new double[3] : tint;
                for (int i = 0; i < 3; i++) {
                    tint[i] += pose.tint()[i];
                }
            }
            if (pose.get(Property.REVEAL) < 1) {
                clip = uncovered(pose.edge(), pose.get(Property.REVEAL), units.get(unit), shift);
            } else if (pose.edge() != null) {
                clip = clip(pose.edge(), units.get(unit), shift, lineInk, lineBaseline);
            }
        }
        return new Look(matrix, opacity, blurX, blurY, clip, false, weight, tint);
    }

    static double[] pivot(Unit unit, Pivot pivot) {
        Box box = pivot.box() == Pivot.Box.INK && !unit.ink().isEmpty() ? unit.ink() : unit.advance();
        double x = box.left() + box.width() * pivot.across().fraction();
        double y = switch (pivot.down()) {
            case TOP -> box.top();
            case MIDDLE -> (box.top() + box.bottom()) / 2;
            case BOTTOM -> box.bottom();
            case BASELINE -> unit.baseline();
        };
        return new double[] {x, y};
    }

    /** T(offset) · T(p) · Rz · Ry · Rx · skew · scale · T(−p). */
    private static Matrix matrix(Pose pose, double[] pivot) {
        Matrix matrix =
                Matrix.translate(pose.get(Property.OFFSET_X), pose.get(Property.OFFSET_Y), pose.get(Property.OFFSET_Z));
        double scaleX = pose.get(Property.SCALE_X);
        double scaleY = pose.get(Property.SCALE_Y);
        double rotation = pose.get(Property.ROTATION);
        double skew = pose.get(Property.SKEW);
        double swing = pose.get(Property.ROTATION_Y);
        double tip = pose.get(Property.ROTATION_X);
        double shift = pose.get(Property.BASELINE_SHIFT);
        if (rotation == 0 && scaleX == 1 && scaleY == 1 && skew == 0 && swing == 0 && tip == 0) {
            return shift == 0 ? matrix : matrix.times(Matrix.translate(0, -shift));
        }
        matrix = matrix.times(Matrix.translate(pivot[0], pivot[1])).times(Matrix.rotate(rotation));
        if (swing != 0) {
            matrix = matrix.times(Matrix.rotateY(swing));
        }
        if (tip != 0) {
            matrix = matrix.times(Matrix.rotateX(tip));
        }
        return matrix.times(Matrix.skew(skew))
                .times(Matrix.scale(scaleX, scaleY))
                .times(Matrix.translate(-pivot[0], -pivot[1] - shift));
    }

    /** The part of the unit's box that is uncovered, from an edge on. */
    private static Outline uncovered(Edge edge, double part, Unit unit, double shift) {
        Box box = unit.advance().union(unit.ink()).shift(shift, 0);
        double across = box.width() * part;
        double down = box.height() * part;
        return Outline.rectangle(
                switch (edge == null ? Edge.LEFT : edge) {
                    case LEFT -> new Box(box.left(), -FAR, box.left() + across, FAR);
                    case RIGHT -> new Box(box.right() - across, -FAR, box.right(), FAR);
                    case CAP_LINE -> new Box(-FAR, box.top(), FAR, box.top() + down);
                    case BASELINE -> new Box(-FAR, box.bottom() - down, FAR, box.bottom());
                });
    }

    /**
     * The side of the edge on which the unit is seen. The edge lies outside what is painted at rest, so that nothing pops
     * when the clip goes: below the baseline it takes in the ink of descenders.
     */
    private static Outline clip(Edge edge, Unit unit, double shift, Box lineInk, double lineBaseline) {
        Box box = unit.advance().union(unit.ink()).shift(shift, 0);
        return Outline.rectangle(
                switch (edge) {
                    case BASELINE ->
                        new Box(
                                -FAR,
                                -FAR,
                                FAR,
                                lineInk.isEmpty() ? lineBaseline : Math.max(lineBaseline, lineInk.bottom()));
                    case CAP_LINE -> new Box(-FAR, lineInk.isEmpty() ? lineBaseline - FAR : lineInk.top(), FAR, FAR);
                    case LEFT -> new Box(box.left(), -FAR, FAR, FAR);
                    case RIGHT -> new Box(-FAR, -FAR, box.right(), FAR);
                });
    }
}
