package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.motion.MoveCurve;
import knollwind.core.motion.Pose;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Pivot;
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

    /** What a unit looks like at a time. */
    record Look(Matrix matrix, double opacity, double blur, double tracking, Optional<Outline> clip, boolean hidden) {}

    /**
     * The unit's look.
     *
     * @param shift px to the right that animated tracking has pushed the unit
     */
    Look look(int unit, double time, double shift, Box lineInk, double lineBaseline) {
        List<Pose> poses = new ArrayList<>();
        boolean hidden = false;
        for (MoveCurve move : moves) {
            hidden |= move.hides(unit, time);
            add(poses, move.pose(unit, time));
        }
        Matrix matrix = shift == 0 ? Matrix.IDENTITY : Matrix.translate(shift, 0);
        double opacity = 1;
        double blur = 0;
        double tracking = 0;
        Optional<Outline> clip = Optional.empty();
        for (Pose pose : poses) {
            matrix = matrix.times(matrix(pose, pivot(units.get(unit), pose.pivot())));
            opacity *= pose.opacity();
            blur += pose.blur();
            tracking += pose.tracking();
            if (pose.edge() != null) {
                clip = Optional.of(clip(pose.edge(), units.get(unit), shift, lineInk, lineBaseline));
            }
        }
        return new Look(matrix, opacity, blur, tracking, clip, hidden);
    }

    private static void add(List<Pose> poses, Pose pose) {
        for (int i = 0; i < poses.size(); i++) {
            if (poses.get(i).pivot().equals(pose.pivot())) {
                poses.set(i, poses.get(i).combine(pose));
                return;
            }
        }
        poses.add(pose);
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

    private static Matrix matrix(Pose pose, double[] pivot) {
        Matrix offset = Matrix.translate(pose.offsetX(), pose.offsetY());
        if (pose.rotation() == 0 && pose.scaleX() == 1 && pose.scaleY() == 1) {
            return offset;
        }
        return offset.times(Matrix.translate(pivot[0], pivot[1]))
                .times(Matrix.rotate(pose.rotation()))
                .times(Matrix.scale(pose.scaleX(), pose.scaleY()))
                .times(Matrix.translate(-pivot[0], -pivot[1]));
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
