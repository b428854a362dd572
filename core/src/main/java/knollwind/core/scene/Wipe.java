package knollwind.core.scene;

/**
 * How a wipe goes when it is no plain edge.
 *
 * @param angle of its way, degrees clockwise from "to the right"
 * @param softness how much of the way is half covered, 0 to 1
 */
public record Wipe(double angle, double softness) {
    public Wipe {
        Check.range(angle, -360, 360, "the angle of a wipe");
        Check.range(softness, 0, 1, "the softness of a wipe");
    }
}
