package knollwind.core.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import knollwind.core.document.FieldKinds;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Field;
import knollwind.core.scene.Opened;
import knollwind.core.scene.TextEdit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What fields that open places of a document stand for there, and how they are filled in. */
public final class FieldValues {
    /** Decimals of a number that is filled in: products such as 0.35 × 0.01 have noise behind them. */
    private static final double DECIMALS = 1e6;

    /** Kinds of fills that are pictures. */
    private static final Set<String> PICTURES = Set.of("picture", "film");

    /** What names the recording of a sound. */
    private static final List<String> SOURCE = List.of("sha256", "name", "seconds");

    private FieldValues() {}

    /** What stands at a path; empty where its place is gone. */
    static Optional<JsonNode> at(JsonNode document, String path) {
        try {
            JsonNode node = Patch.find(document, path);
            return node == null || node.isMissingNode() ? Optional.empty() : Optional.of(node);
        } catch (IllegalArgumentException gone) {
            return Optional.empty();
        }
    }

    /** Whether what a place belongs to is there; the value itself may be left out of the document. */
    public static boolean isThere(JsonNode document, Opened opened) {
        String at = opened.at();
        int end = at.lastIndexOf('/');
        return at(document, at).isPresent()
                || end > 0 && at(document, at.substring(0, end)).isPresent();
    }

    /** Whether a field has nothing left that it opens: all of it has been taken away. */
    public static boolean isGone(JsonNode document, Field field) {
        return field.value() == null
                && field.opens().stream()
                        .noneMatch(opened -> field.kind() == Field.Kind.SOUND
                                ? at(document, opened.at()).isPresent()
                                : isThere(document, opened));
    }

    /** What stands for a field until it is filled in, as it is said; empty where that is none of what it can be filled with. */
    public static Optional<JsonNode> standing(JsonNode document, Field field) {
        if (field.value() != null) {
            return Optional.of(field.value());
        }
        Optional<Opened> first =
                field.opens().stream().filter(one -> one.fixed() == null).findFirst();
        return first.flatMap(opened -> {
            Optional<JsonNode> stored = at(document, opened.at()).filter(node -> !node.isNull());
            return switch (field.kind()) {
                case NUMBER -> stored.filter(JsonNode::isNumber).map(node -> number(opened.shown(node.doubleValue())));
                case CHOICE -> option(document, field);
                case SWITCH -> isOn(opened, stored);
                case PICTURE, FILM ->
                    stored.filter(node -> PICTURES.contains(node.path("kind").asString("")));
                case SOUND -> stored.map(FieldValues::source);
                default -> stored;
            };
        });
    }

    /** The first that all places say. */
    private static Optional<JsonNode> option(JsonNode document, Field field) {
        for (String option : field.options()) {
            JsonNode value = JsonNodeFactory.instance.stringNode(option);
            boolean stands = field.opens().stream()
                    .filter(one -> one.fixed() == null)
                    .allMatch(opened -> {
                        JsonNode stored = stored(field, opened, value);
                        Optional<JsonNode> now = at(document, opened.at());
                        return now.isEmpty() ? stored.isNull() : isSame(now.get(), stored);
                    });
            if (stands) {
                return Optional.of(value);
            }
        }
        return Optional.empty();
    }

    private static Optional<JsonNode> isOn(Opened opened, Optional<JsonNode> stored) {
        boolean kept = stored.map(node -> node.asBoolean(false)).orElse(false);
        boolean on = opened.values().isEmpty() ? kept : opened.values().get(1).asBoolean(false) == kept;
        return Optional.of(JsonNodeFactory.instance.booleanNode(on));
    }

    /**
     * What fills a field in.
     *
     * @param value as it is said
     * @throws IllegalArgumentException with the field's name and the reason, when it cannot be filled so
     */
    public static List<Operation> operations(JsonNode document, Field field, JsonNode value) {
        FieldKinds.check(field, value);
        List<Operation> all = new ArrayList<>();
        if (field.value() != null) {
            all.add(new Operation.Set("fields/" + field.id() + "/value", value));
        }
        for (Opened opened : field.opens()) {
            if (field.kind() == Field.Kind.SOUND) {
                at(document, opened.at()).ifPresent(sound -> all.addAll(played(sound, opened.at(), value)));
            } else if (isThere(document, opened)) {
                operation(document, field, opened, value).ifPresent(all::add);
            }
        }
        return all;
    }

    /** What a sound plays. */
    private static JsonNode source(JsonNode sound) {
        ObjectNode source = JsonNodeFactory.instance.objectNode();
        SOURCE.forEach(name -> source.set(name, sound.path(name)));
        return source;
    }

    /** Another recording is heard from its beginning, as long as it is; what else is set of the sound stays. */
    private static List<Operation> played(JsonNode sound, String at, JsonNode source) {
        if (source(sound).path("sha256").equals(source.path("sha256"))) {
            return List.of();
        }
        List<Operation> all = new ArrayList<>();
        if (sound.has("to")) {
            all.add(new Operation.Clear(at + "/to"));
        }
        all.add(new Operation.Set(at + "/from", JsonNodeFactory.instance.numberNode(0)));
        SOURCE.forEach(name -> all.add(new Operation.Set(at + "/" + name, source.path(name))));
        return all;
    }

    private static Optional<Operation> operation(JsonNode document, Field field, Opened opened, JsonNode value) {
        Optional<JsonNode> now = at(document, opened.at());
        if (opened.fixed() == null
                && field.kind() == Field.Kind.TEXT
                && now.filter(JsonNode::isString).isPresent()) {
            String before = now.get().stringValue();
            // What lies over stretches of the words goes along as with any edit.
            return before.equals(value.stringValue())
                    ? Optional.empty()
                    : Optional.of(Operation.Splice.of(opened.at(), TextEdit.between(before, value.stringValue())));
        }
        JsonNode stored = stored(field, opened, value);
        if (now.filter(there -> isSame(there, stored)).isPresent() || stored.isNull() && now.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(stored.isNull() ? new Operation.Clear(opened.at()) : new Operation.Set(opened.at(), stored));
    }

    private static boolean isSame(JsonNode one, JsonNode other) {
        return one.isNumber() && other.isNumber() ? one.doubleValue() == other.doubleValue() : one.equals(other);
    }

    /** What stands at a place when a field is filled in; JSON's null for nothing. */
    static JsonNode stored(Field field, Opened opened, JsonNode value) {
        if (opened.fixed() != null) {
            return opened.fixed();
        }
        return switch (field.kind()) {
            case NUMBER -> value.isNumber() ? number(opened.stored(value.doubleValue())) : value;
            case CHOICE ->
                opened.values().isEmpty()
                        ? value
                        : opened.values().get(field.options().indexOf(value.asString("")));
            case SWITCH -> opened.values().isEmpty() ? value : opened.values().get(value.asBoolean(false) ? 1 : 0);
            default -> value;
        };
    }

    /** As people write it: whole where it is. */
    private static JsonNode number(double value) {
        double rounded = Math.rint(value * DECIMALS) / DECIMALS;
        return rounded == (int) rounded
                ? JsonNodeFactory.instance.numberNode((int) rounded)
                : JsonNodeFactory.instance.numberNode(rounded);
    }
}
