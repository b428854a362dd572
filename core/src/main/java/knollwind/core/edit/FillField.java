package knollwind.core.edit;

import knollwind.core.filling.FieldValues;
import knollwind.core.scene.Field;
import tools.jackson.databind.JsonNode;

/**
 * Fills in a field of the project: what stands at all the places that it opens is that from now on.
 *
 * @param field id
 * @param value as it is said: words, a number, a colour, a picture, one of the options, true or false
 */
public record FillField(String field, JsonNode value) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Field open = draft.project().fields().stream()
                .filter(one -> one.id().equals(field))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the project has no field '" + field + "' any more"));
        if (FieldValues.isGone(draft.tree(), open)) {
            throw new IllegalArgumentException(
                    "what \u201c" + open.name() + "\u201d opened has been taken away; take the field away too");
        }
        return Outcome.of(FieldValues.operations(draft.tree(), open, value), "");
    }
}
