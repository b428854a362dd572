package knollwind.core.type;

import java.util.Map;

/** A variation axis of a font: its four-letter tag and the values it can take. */
public record FontAxis(String tag, float least, float standard, float most) {
    private static final Map<String, Double> REGULAR = Map.of("wght", 400.0, "wdth", 100.0);

    /** The value that is meant where nothing is said: of weight and width the regular one, as in browsers, whatever the file starts from. */
    public float usual() {
        Double regular = REGULAR.get(tag);
        return regular == null ? standard : nearest(regular);
    }

    /** The nearest value that the axis has, to a hundredth: as exact as people set one, and the same instance for the same look. */
    public float nearest(double value) {
        return (float) (Math.rint(Math.max(least, Math.min(most, value)) * 100) / 100);
    }
}
