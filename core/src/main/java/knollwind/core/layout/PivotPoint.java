package knollwind.core.layout;

import knollwind.core.geometry.Box;
import knollwind.core.scene.Pivot;
import knollwind.core.type.Unit;

/** The point of a unit about which it turns and scales. */
public final class PivotPoint {
    private PivotPoint() {}

    /**
     * Where a pivot lies, as {x, y} in px of the unit's own place at rest. A unit without ink is held by its advance box.
     */
    public static double[] of(Unit unit, Pivot pivot) {
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
}
