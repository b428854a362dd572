package knollwind.core.document;

import knollwind.core.scene.Check;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Field;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Sound;
import knollwind.core.scene.TextBlock;
import tools.jackson.databind.JsonNode;

/** What a field of each kind can be filled with. */
public final class FieldKinds {
    private FieldKinds() {}

    /**
     * Passes a value that a field can be filled with.
     *
     * @throws IllegalArgumentException with the field's name and the reason
     */
    public static void check(Field field, JsonNode value) {
        Double least = field.least();
        Double most = field.most();
        try {
            switch (field.kind()) {
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
                // A film is a picture that moves.
                case PICTURE -> {
                    if (value.path("kind").asString("").equals("film")) {
                        DocumentJson.read(value, Fill.Film.class);
                    } else {
                        DocumentJson.read(value, Fill.Picture.class);
                    }
                }
                case FILM -> DocumentJson.read(value, Fill.Film.class);
                case SOUND -> DocumentJson.read(value, Sound.Source.class);
                case CHOICE -> {
                    if (!field.options().contains(value.asString(null))) {
                        throw new IllegalArgumentException("it is one of " + String.join(", ", field.options()));
                    }
                }
                case SWITCH -> {
                    if (!value.isBoolean()) {
                        throw new IllegalArgumentException("it is true or false");
                    }
                }
            }
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "the field \u201c" + field.name() + "\u201d cannot be filled so: " + e.getMessage(), e);
        }
    }

    private static double number(JsonNode value) {
        if (!value.isNumber()) {
            throw new IllegalArgumentException("it is a number");
        }
        return value.doubleValue();
    }
}
