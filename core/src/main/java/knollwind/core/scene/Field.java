package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A value of a title left open for others to fill.
 *
 * @param kind what it can be filled with
 * @param value what stands there until it is filled, for a field that values refer to; null where that is what stands at the first of the
 *     places that it opens
 * @param least of a number; null for none
 * @param most of a number, or the characters of a text; null for none
 * @param options of a choice
 * @param hint what whoever fills it in should know; null for nothing
 * @param group what it is asked for with; null for no group
 * @param opens the places of the document that it stands for
 */
public record Field(
        String id,
        String name,
        Kind kind,
        JsonNode value,
        Double least,
        Double most,
        List<String> options,
        String hint,
        String group,
        List<Opened> opens) {
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_HINT = 1000;

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

    /** The same, for other places. */
    public Field withOpens(List<Opened> places) {
        return new Field(id, name, kind, value, least, most, options, hint, group, places);
    }

    /** The same under another name. */
    public Field called(String other) {
        return new Field(id, other, kind, value, least, most, options, hint, group, opens);
    }

    public Field {
        Check.id(id, "a field");
        Check.text(name, LONGEST_NAME, "the name of a field");
        if (name.isBlank()) {
            throw new IllegalArgumentException("a field needs a name");
        }
        Check.present(kind, "the kind of a field");
        value = value == null || value.isNull() ? null : value;
        options = Check.list(options);
        opens = Check.list(opens);
        if (opens.isEmpty()) {
            Check.present(value, "the value of a field");
        }
        if (hint != null) {
            Check.text(hint, LONGEST_HINT, "the hint of a field");
        }
        if (group != null) {
            Check.text(group, LONGEST_NAME, "the group of a field");
        }
        if (least != null && most != null && least > most) {
            throw new IllegalArgumentException(
                    "the field \u201c" + name + "\u201d is to be at least " + Numbers.text(least) + " and at most "
                            + Numbers.text(most) + "; the least must not be above the most");
        }
        if (kind == Kind.CHOICE && options.isEmpty()) {
            throw new IllegalArgumentException("a field that is a choice needs options");
        }
        for (Opened one : opens) {
            int known = kind == Kind.SWITCH ? 2 : options.size();
            if (!one.values().isEmpty() && one.values().size() != known) {
                throw new IllegalArgumentException("the field \u201c" + name + "\u201d has " + known + " options, but "
                        + one.values().size() + " values for them");
            }
        }
    }
}
