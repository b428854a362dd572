package knollwind.core.directions.controls;

import tools.jackson.databind.JsonNode;

/**
 * One change that a control makes.
 *
 * @param at path in the document, as in a patch
 * @param value what is set there; null means the control's own new value times {@code factor}
 * @param factor what a shown number is multiplied by before it is stored
 * @param offset what is added then
 */
public record Edit(String at, JsonNode value, double factor, double offset) {
    public static Edit shown(String at, double factor) {
        return new Edit(at, null, factor, 0);
    }

    public static Edit fixed(String at, Object value) {
        return new Edit(at, knollwind.core.document.DocumentJson.tree(value), 1, 0);
    }
}
