package knollwind.core.scene;

import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A place of the document that a field stands for.
 *
 * @param at path as in a patch, from the project down
 * @param factor what a number that is filled in is multiplied by before it is stored; null for 1
 * @param offset what is added then; null for 0
 * @param grain of what it is a whole multiple in the end; null for none
 * @param fixed what is stored whatever is filled in; null for what is filled in
 * @param values what is stored for each option of a choice, or for off and on of a switch; JSON's null takes away what stands there; empty
 *     where the options are stored themselves
 */
public record Opened(String at, Double factor, Double offset, Double grain, JsonNode fixed, List<JsonNode> values) {
    private static final int LONGEST = 1000;

    public Opened {
        Check.text(at, LONGEST, "the place that a field opens");
        if (at.isBlank()) {
            throw new IllegalArgumentException("a field opens a place of the document; its path is missing");
        }
        if (factor != null && (factor == 0 || !Double.isFinite(factor))) {
            throw new IllegalArgumentException("what a field is multiplied by is a number other than 0");
        }
        fixed = fixed == null || fixed.isNull() ? null : fixed;
        values = Check.list(values);
    }

    /** A place where what is filled in stands as it is. */
    public static Opened of(String at) {
        return new Opened(at, null, null, null, null, List.of());
    }

    /** @param values for each option of a choice, or for off and on */
    public static Opened of(String at, List<JsonNode> values) {
        return new Opened(at, null, null, null, null, values);
    }

    /** @param shown as it is said and filled in */
    public double stored(double shown) {
        double stored = (offset == null ? 0 : offset) + shown * (factor == null ? 1 : factor);
        return grain == null ? stored : Math.rint(stored / grain) * grain;
    }

    /** As it is said and filled in. */
    public double shown(double stored) {
        return (stored - (offset == null ? 0 : offset)) / (factor == null ? 1 : factor);
    }
}
