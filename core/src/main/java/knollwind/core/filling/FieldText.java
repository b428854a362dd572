package knollwind.core.filling;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.document.FieldKinds;
import knollwind.core.scene.Field;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** What a cell of a table says, as text: typed, pasted or read from a file. */
public final class FieldText {
    private static final List<String> ON = List.of("yes", "true", "on", "1");
    private static final List<String> OFF = List.of("no", "false", "off", "0");

    /** A number, with any unit behind it. */
    private static final Pattern NUMBER = Pattern.compile(
            "([+\u2212-]?\\d[\\d \u00a0\u202f]*(?:[.,]\\d+)?|[+\u2212-]?[.,]\\d+)\\s*(?:%|px|em|frames|\u00b0)?");

    private FieldText() {}

    /**
     * What a cell says. What cannot be read stays as it is written: whoever fills it in is told why it does not fit.
     *
     * @return null for a cell that says nothing, so that what stands in the project stays
     */
    public static JsonNode read(Field field, String text) {
        String said = text.strip();
        if (field.kind() == Field.Kind.TEXT) {
            return JsonNodeFactory.instance.stringNode(text);
        }
        if (said.isEmpty()) {
            return null;
        }
        JsonNode value = switch (field.kind()) {
            case NUMBER -> number(said);
            case COLOUR -> JsonNodeFactory.instance.stringNode(colour(said));
            case CHOICE -> JsonNodeFactory.instance.stringNode(option(field, said));
            case SWITCH -> onOrOff(said);
            default -> JsonNodeFactory.instance.stringNode(said);
        };
        return value == null ? JsonNodeFactory.instance.stringNode(said) : value;
    }

    /** As it is said in a table; empty where nothing is. */
    public static String of(JsonNode value) {
        if (value == null || value.isNull()) {
            return "";
        }
        if (value.isBoolean()) {
            return value.booleanValue() ? "yes" : "no";
        }
        if (value.isNumber()) {
            return new BigDecimal(value.asString()).stripTrailingZeros().toPlainString();
        }
        return value.isObject() ? value.path("name").asString(value.toString()) : value.asString("");
    }

    /**
     * What does not fit in a cell.
     *
     * @return empty where it fits
     */
    public static String problem(Field field, JsonNode value) {
        try {
            if (field.kind() == Field.Kind.NUMBER && value.isString()) {
                throw new IllegalArgumentException("\u201c" + value.stringValue() + "\u201d is no number");
            }
            FieldKinds.check(field, value);
            return "";
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }

    private static JsonNode number(String said) {
        Matcher match = NUMBER.matcher(said);
        if (!match.matches()) {
            return null;
        }
        String plain = match.group(1)
                .replaceAll("[ \u00a0\u202f]", "")
                .replace('\u2212', '-')
                .replace(',', '.');
        double value = Double.parseDouble(plain);
        return value == (int) value
                ? JsonNodeFactory.instance.numberNode((int) value)
                : JsonNodeFactory.instance.numberNode(value);
    }

    private static String colour(String said) {
        String digits = said.startsWith("#") ? said.substring(1) : said;
        return digits.matches("[0-9a-fA-F]{6}([0-9a-fA-F]{2})?") ? "#" + digits.toLowerCase(Locale.ROOT) : said;
    }

    private static String option(Field field, String said) {
        return field.options().stream()
                .filter(option -> option.equalsIgnoreCase(said))
                .findFirst()
                .orElse(said);
    }

    private static JsonNode onOrOff(String said) {
        String plain = said.toLowerCase(Locale.ROOT);
        if (ON.contains(plain) || OFF.contains(plain)) {
            return JsonNodeFactory.instance.booleanNode(ON.contains(plain));
        }
        return null;
    }
}
