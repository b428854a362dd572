package knollwind.core.directions.controls;

import tools.jackson.databind.JsonNode;

/**
 * One change that a control makes.
 *
 * @param at path in the document, as in a patch
 * @param value what is set there; null means the control's own new value times {@code factor}
 * @param factor what a shown number is multiplied by before it is stored
 * @param offset what is added then
 * @param grain of what it is a whole multiple in the end; null for none
 */
public record Edit(String at, JsonNode value, double factor, double offset, Double grain) {
    public Edit(String at, JsonNode value, double factor, double offset) {
        this(at, value, factor, offset, null);
    }

    public static Edit shown(String at, double factor) {
        return new Edit(at, null, factor, 0);
    }

    public static Edit fixed(String at, Object value) {
        return new Edit(at, knollwind.core.document.DocumentJson.tree(value), 1, 0);
    }
}
