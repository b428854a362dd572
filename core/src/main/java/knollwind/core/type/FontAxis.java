package knollwind.core.type;

/** A variation axis of a font: its four-letter tag and the values it can take. */
public record FontAxis(String tag, float least, float standard, float most) {
    /** The nearest value that the axis has, to a hundredth: as exact as people set one, and the same instance for the same look. */
    public float nearest(double value) {
        return (float) (Math.rint(Math.max(least, Math.min(most, value)) * 100) / 100);
    }
}
