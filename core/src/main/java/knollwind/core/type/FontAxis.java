package knollwind.core.type;

/** A variation axis of a font: its four-letter tag and the values it can take. */
public record FontAxis(String tag, float least, float standard, float most) {
    /** The nearest of 257 evenly spaced values of the axis; values outside are clamped. */
    public float quantise(double value) {
        double clamped = Math.max(least, Math.min(most, value));
        double step = (most - least) / 256.0;
        return step == 0 ? standard : (float) (least + Math.rint((clamped - least) / step) * step);
    }
}
