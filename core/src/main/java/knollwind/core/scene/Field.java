package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A value of a title left open for others to fill.
 *
 * @param kind what it can be filled with
 * @param value what stands there until it is filled
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
        check(name, kind, value, least, most, options);
    }

    /**
     * Passes a value that the field can be filled with.
     *
     * @throws IllegalArgumentException with the field's name and the reason
     */
    public void check(JsonNode other) {
        check(name, kind, other, least, most, options);
    }

    private static void check(String name, Kind kind, JsonNode value, Double least, Double most, List<String> options) {
        try {
            switch (kind) {
                case TEXT ->
                    Check.text(
                            value.asString(null), most == null ? TextBlock.LONGEST_TEXT : most.intValue(), "its text");
                case NUMBER ->
                    Check.range(
                            value.isObject()
                                    ? DocumentJson.read(value, Length.class).value()
                                    : number(value),
                            least == null ? -Double.MAX_VALUE : least,
                            most == null ? Double.MAX_VALUE : most,
                            "its number");
                case COLOUR -> Colour.check(value.asString(null));
                case PICTURE -> DocumentJson.read(value, Fill.Picture.class);
                case FILM -> DocumentJson.read(value, Fill.Film.class);
                case SOUND -> DocumentJson.read(value, Sound.class);
                case CHOICE -> {
                    if (!options.contains(value.asString(null))) {
                        throw new IllegalArgumentException("it is one of " + String.join(", ", options));
                    }
                }
                case SWITCH -> {
                    if (!value.isBoolean()) {
                        throw new IllegalArgumentException("it is true or false");
                    }
                }
            }
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("the field '" + name + "' cannot be filled so: " + e.getMessage(), e);
        }
    }

    private static double number(JsonNode value) {
        if (!value.isNumber()) {
            throw new IllegalArgumentException("it is a number");
        }
        return value.doubleValue();
    }
}
