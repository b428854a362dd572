package knollwind.core.directions;

import tools.jackson.databind.JsonNode;

/**
 * One change that a control makes.
 *
 * @param at path in the document, as in a patch
 * @param value what is set there; null means the control's own new value times {@code factor}
 * @param factor what a shown number is multiplied by before it is stored
 */
public record Edit(String at, JsonNode value, double factor) {
    static Edit shown(String at, double factor) {
        return new Edit(at, null, factor);
    }

    static Edit fixed(String at, Object value) {
        return new Edit(at, knollwind.core.scene.DocumentJson.tree(value), 1);
    }
}
