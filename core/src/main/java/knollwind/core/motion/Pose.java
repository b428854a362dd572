package knollwind.core.motion;

import java.util.Arrays;
import java.util.Objects;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;
import knollwind.core.scene.Wipe;

/**
 * What the moves of one unit and one pivot add up to at a time. Lengths in px, angles in degrees clockwise, tracking in
 * thousandths of an em. Made to be filled by one thread and used again.
 */
public final class Pose {
    private static final Property[] PROPERTIES = Property.values();

    /** What each property is at rest, by its ordinal. */
    private static final double[] REST = new double[PROPERTIES.length];

    static {
        for (Property property : PROPERTIES) {
            REST[property.ordinal()] = property.rest();
        }
    }

    private final Pivot pivot;
    private final double[] values = REST.clone();
    private final double[] tint = new double[3];
    private Edge edge;
    private Wipe wipe;
    private RevealBar lead;
    private int strokeColour;

    public Pose(Pivot pivot) {
        this.pivot = pivot;
    }

    /** Makes the pose one of rest again. */
    public void clear() {
        System.arraycopy(REST, 0, values, 0, REST.length);
        Arrays.fill(tint, 0);
        edge = null;
        wipe = null;
        lead = null;
        strokeColour = 0;
    }

    /** Factors multiply, of what is uncovered the least counts, all other values add up. */
    void add(Property property, double value) {
        int i = property.ordinal();
        if (property == Property.REVEAL || property == Property.DRAW || property == Property.WRITE) {
            values[i] = Math.min(values[i], Math.max(0, value));
            return;
        }
        values[i] = property.multiplies() ? values[i] * value : values[i] + value;
    }

    /** Lays a colour over the unit. */
    void tint(double weight, double[] linear) {
        values[Property.TINT.ordinal()] += weight;
        for (int i = 0; i < 3; i++) {
            tint[i] += weight * linear[i];
        }
    }

    /** A later edge replaces an earlier one. */
    void reveal(Edge behind) {
        edge = behind == null ? edge : behind;
    }

    /** How the wipe goes and what leads it; later ones replace earlier ones. */
    void wipe(Wipe going, RevealBar ahead) {
        wipe = going == null ? wipe : going;
        lead = ahead == null ? lead : ahead;
    }

    /** A line around the unit; of several the last one's colour is seen. */
    void stroke(double width, int argb) {
        values[Property.STROKE.ordinal()] += width;
        strokeColour = argb;
    }

    /** How the wipe goes; null for a plain edge. */
    public Wipe wipe() {
        return wipe;
    }

    /** What is ahead of the wipe; null for nothing. */
    public RevealBar lead() {
        return lead;
    }

    /** 0xAARRGGBB of the line around the unit; 0 for none. */
    public int strokeColour() {
        return strokeColour;
    }

    public Pivot pivot() {
        return pivot;
    }

    /** A property's value; scales x and y have that of both in them. */
    public double get(Property property) {
        double value = values[property.ordinal()];
        return switch (property) {
            case SCALE_X, SCALE_Y -> value * values[Property.SCALE.ordinal()];
            case OPACITY -> Math.max(0, Math.min(1, value));
            case BLUR, STROKE, DRAW, WRITE -> Math.max(0, value);
            case BLUR_X, BLUR_Y -> Math.max(0, value + values[Property.BLUR.ordinal()]);
            default -> value;
        };
    }

    /** The sum of all colours laid over the unit, linear light, each times its weight: red, green, blue. */
    public double[] tint() {
        return tint;
    }

    /** The edge that hides the unit just now; null for none. */
    public Edge edge() {
        return edge;
    }

    /** True when the unit stands where and as it was set, whatever its pivot. */
    public boolean isRest() {
        return edge == null && Arrays.equals(values, REST);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Pose pose
                && pose.pivot.equals(pivot)
                && pose.edge == edge
                && Objects.equals(pose.wipe, wipe)
                && Objects.equals(pose.lead, lead)
                && pose.strokeColour == strokeColour
                && Arrays.equals(pose.values, values)
                && Arrays.equals(pose.tint, tint);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(values);
    }

    @Override
    public String toString() {
        return "Pose" + Arrays.toString(values) + edge;
    }
}
