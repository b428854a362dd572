package knollwind.core.motion;

import knollwind.core.scene.Edge;
import knollwind.core.scene.Pivot;

/**
 * What the moves of one unit and one pivot add up to at a time. Offsets and blur in px, rotation in degrees clockwise,
 * tracking in thousandths of an em.
 *
 * @param edge the edge that hides the unit just now; null for none
 */
public record Pose(
        Pivot pivot,
        double offsetX,
        double offsetY,
        double scaleX,
        double scaleY,
        double rotation,
        double opacity,
        double blur,
        double tracking,
        Edge edge) {
    public static Pose rest(Pivot pivot) {
        return new Pose(pivot, 0, 0, 1, 1, 0, 1, 0, 0, null);
    }

    /** Offsets, rotations, blur and tracking add; scales and opacities multiply; a later edge replaces an earlier one. */
    public Pose combine(Pose other) {
        return new Pose(
                pivot,
                offsetX + other.offsetX,
                offsetY + other.offsetY,
                scaleX * other.scaleX,
                scaleY * other.scaleY,
                rotation + other.rotation,
                opacity * other.opacity,
                blur + other.blur,
                tracking + other.tracking,
                other.edge == null ? edge : other.edge);
    }

    /** True when the unit stands where and as it was set, whatever its pivot. */
    public boolean isRest() {
        return offsetX == 0
                && offsetY == 0
                && scaleX == 1
                && scaleY == 1
                && rotation == 0
                && opacity == 1
                && blur == 0
                && tracking == 0
                && edge == null;
    }
}
