package knollwind.core.scene;

import tools.jackson.databind.JsonNode;

/** A value of a title left open for others to fill; {@code value} is what stands there until it is filled. */
public record Field(String id, String name, JsonNode value) {
    public Field {
        Check.id(id, "a field");
        Check.text(name, 200, "the name of a field");
        Check.present(value, "the value of a field");
    }
}
