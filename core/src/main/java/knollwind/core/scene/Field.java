package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A value of a title left open for others to fill.
 *
 * @param kind what it can be filled with
 * @param value what stands there until it is filled; {@code FieldKinds} says whether it is of the kind
 * @param least of a number; null for none
 * @param most of a number, or the characters of a text; null for none
 * @param options of a choice
 */
public record Field(
        String id, String name, Kind kind, JsonNode value, Double least, Double most, List<String> options) {
    /** What a field can be filled with. */
    public enum Kind {
        @JsonProperty("text")
        TEXT,
        /** A plain number, or a length with its unit. */
        @JsonProperty("number")
        NUMBER,
        @JsonProperty("colour")
        COLOUR,
        @JsonProperty("picture")
        PICTURE,
        @JsonProperty("film")
        FILM,
        @JsonProperty("sound")
        SOUND,
        @JsonProperty("choice")
        CHOICE,
        @JsonProperty("switch")
        SWITCH
    }

    public Field {
        Check.id(id, "a field");
        Check.text(name, 200, "the name of a field");
        Check.present(kind, "the kind of a field");
        Check.present(value, "the value of a field");
        options = Check.list(options);
        if (kind == Kind.CHOICE && options.isEmpty()) {
            throw new IllegalArgumentException("a field that is a choice needs options");
        }
    }
}
