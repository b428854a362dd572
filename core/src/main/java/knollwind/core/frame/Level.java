package knollwind.core.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.layout.PivotPoint;
import knollwind.core.motion.MoveCurve;
import knollwind.core.motion.Pose;
import knollwind.core.scene.Cut;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Property;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetLine;
import knollwind.core.type.Unit;

/**
 * The units of one kind with the moves that act on them. Moves of one pivot add up by value, those of another multiply as
 * matrices, in document order.
 */
public record Level(UnitKind kind, List<Unit> units, List<MoveCurve> moves) {
    /** Far beyond any frame, yet exact in 32-bit floats. */
    static final double FAR = 65_536;

    /**
     * What a unit looks like at a time.
     *
     * @param tintWeight sum of the weights of the colours that lie over it
     * @param tint their sum, linear light, each times its weight
     * @param reveal how it is uncovered; null for a unit that is seen whole
     * @param pen how its contour is drawn; null for a plain fill
     * @param weight how much heavier it is than it was set, in the scale of its face
     * @param width how much wider, in the scale of its face
     * @param halves its two sides where it is cut; null for a whole unit
     */
    record Look(
            Matrix matrix,
            double opacity,
            double blurX,
            double blurY,
            Reveal reveal,
            boolean hidden,
            double tintWeight,
            double[] tint,
            Pen pen,
            Halves halves,
            double weight,
            double width) {
        static final Look REST = new Look(Matrix.IDENTITY, 1, 0, 0, null, false, 0, new double[3], null, null, 0, 0);
        static final Look HIDDEN = new Look(Matrix.IDENTITY, 0, 0, 0, null, true, 0, null, null, null, 0, 0);
    }

    /**
     * A contour on its way.
     *
     * @param drawn 0 to 1, from nothing to the filled letter
     * @param written 0 to 1, how much of the letter a pen has gone over
     * @param width px of a line around it; 0 for none
     * @param argb of that line; 0 for the unit's own ink
     */
    record Pen(double drawn, double written, double width, int argb) {
        /** The whole letter. */
        Pen whole() {
            return new Pen(1, 1, width, argb);
        }

        /** Without the line around it. */
        Pen bare() {
            return new Pen(drawn, written, 0, 0);
        }
    }

    /** The two sides of a cut, each with its own map and the outline that it is seen in. */
    record Halves(Matrix above, Matrix below, Outline seenAbove, Outline seenBelow) {}

    /** Poses to be filled again for every unit: one for each pivot, and which of them a move adds to. */
    final class Poses {
        private final List<Pose> poses = new ArrayList<>();
        private final List<Cut> cuts = new ArrayList<>();
        /** Clips that come again from unit to unit. */
        private final Map<Box, Outline> edges = new HashMap<>();

        private final int[] of = new int[moves.size()];

        private Poses() {
            for (int i = 0; i < of.length; i++) {
                Pivot pivot = moves.get(i).move().pivot();
                Cut cut = moves.get(i).move().uncovering().cut();
                int at = 0;
                while (at < poses.size()
                        && !(poses.get(at).pivot().equals(pivot) && Objects.equals(cuts.get(at), cut))) {
                    at++;
                }
                if (at == poses.size()) {
                    poses.add(new Pose(pivot));
                    cuts.add(cut);
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
     * @param em type size in px
     */
    Look look(Poses set, int unit, double time, double shift, SetLine line, Box lineInk, double em) {
        if (!set.set(unit, time)) {
            return Look.HIDDEN;
        }
        Unit own = units.get(unit);
        Matrix matrix = shift == 0 ? Matrix.IDENTITY : Matrix.translate(shift, 0);
        Matrix above = Matrix.IDENTITY;
        Matrix below = Matrix.IDENTITY;
        Cut upper = null;
        Cut lower = null;
        double opacity = 1;
        double blurX = 0;
        double blurY = 0;
        double weight = 0;
        double[] tint = null;
        double heavier = 0;
        double wider = 0;
        Reveal reveal = null;
        Pen pen = null;
        for (int k = 0; k < set.poses.size(); k++) {
            Pose pose = set.poses.get(k);
            if (pose.isRest()) {
                continue;
            }
            Matrix moved = matrix(pose, PivotPoint.of(own, pose.pivot()));
            Cut side = set.cuts.get(k);
            if (side == null) {
                matrix = matrix.times(moved);
            } else {
                boolean isAbove = side.side() == Cut.Side.ABOVE;
                above = isAbove ? above.times(moved) : above;
                below = isAbove ? below : below.times(moved);
                upper = isAbove ? side : upper;
                lower = isAbove ? lower : side;
            }
            opacity *= pose.get(Property.OPACITY);
            blurX += pose.get(Property.BLUR_X);
            blurY += pose.get(Property.BLUR_Y);
            double tinted = pose.get(Property.TINT);
            if (tinted > 0) {
                weight += tinted;
                tint = tint == null ? new double[3] : tint;
                for (int i = 0; i < 3; i++) {
                    tint[i] += pose.tint()[i];
                }
            }
            if (pose.get(Property.DRAW) < 1 || pose.get(Property.WRITE) < 1 || pose.get(Property.STROKE) > 0) {
                pen = new Pen(
                        pose.get(Property.DRAW),
                        pose.get(Property.WRITE),
                        pose.get(Property.STROKE),
                        pose.strokeColour());
            }
            heavier += pose.get(Property.WEIGHT);
            wider += pose.get(Property.WIDTH);
            Reveal covered = Reveal.of(pose, own, shift, line, lineInk, em, set.edges);
            reveal = covered == null ? reveal : covered;
        }
        boolean cut = upper != null || lower != null;
        Halves halves = !cut || above.equals(below)
                ? null
                : new Halves(
                        above,
                        below,
                        half(upper == null ? lower : upper, own, true),
                        half(lower == null ? upper : lower, own, false));
        matrix = cut && halves == null ? matrix.times(above) : matrix;
        return new Look(matrix, opacity, blurX, blurY, reveal, false, weight, tint, pen, halves, heavier, wider);
    }

    /** The side of a cut through a unit, as far as anything reaches. */
    private static Outline half(Cut cut, Unit unit, boolean above) {
        Box box = unit.advance();
        double x = (box.left() + box.right()) / 2;
        double y = box.top() + (box.bottom() - box.top()) * cut.place();
        double radians = StrictMath.toRadians(cut.angle());
        double dx = StrictMath.cos(radians) * FAR;
        double dy = StrictMath.sin(radians) * FAR;
        double side = above ? -1 : 1;
        float[] points = {
            (float) (x - dx),
            (float) (y - dy),
            (float) (x + dx),
            (float) (y + dy),
            (float) (x + dx - side * dy),
            (float) (y + dy + side * dx),
            (float) (x - dx - side * dy),
            (float) (y - dy + side * dx)
        };
        byte[] verbs = {Outline.MOVE, Outline.LINE, Outline.LINE, Outline.LINE, Outline.CLOSE};
        return Outline.of(verbs, points, new Box(-FAR, -FAR, FAR, FAR));
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
}
