package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * One version: what its fields are filled in with.
 *
 * @param values by the ids of fields; a field without one has what stands in the project. What does not fit its field is kept, passed
 *     over, and told
 * @param locked whether what is taken in anew leaves it as it is; null for false
 * @param own what it has of its own beside its fields
 */
public record Row(
        String id,
        Map<String, JsonNode> values,
        Boolean locked,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Correction> own) {
    /** Characters of a cell. */
    public static final int LONGEST = 100_000;

    public static Row of(String id, Map<String, JsonNode> values) {
        return new Row(id, values, null, List.of());
    }

    /** The same with other values. */
    public Row filledWith(Map<String, JsonNode> others) {
        return new Row(id, others, locked, own);
    }

    public boolean isLocked() {
        return Boolean.TRUE.equals(locked);
    }

    public Row {
        Check.id(id, "a row");
        own = Check.list(own);
        Check.uniqueIds(own, Correction::id, "corrections");
        values = values == null ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(values));
        values.forEach((field, value) -> {
            Check.id(field, "the field of a cell");
            Check.present(value, "the value of a cell");
            if (value.isString() && value.stringValue().length() > LONGEST) {
                throw new IllegalArgumentException("a cell has at most " + LONGEST + " characters, not "
                        + value.stringValue().length());
            }
        });
    }
}
