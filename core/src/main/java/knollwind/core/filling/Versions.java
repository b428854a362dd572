package knollwind.core.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import tools.jackson.databind.JsonNode;

/**
 * Documents with the fields of a row filled in. What a version says takes the place of what the scene's own formats say, and of what is said where
 * a scene stands in another: it is laid over all of them. Filling with nothing is the identity; filling twice is filling once.
 */
public final class Versions {
    /**
     * Something that is passed over, and why.
     *
     * @param field whose cell it is; empty for a correction
     */
    public record Unfit(String field, String reason) {}

    /** A document with a row filled in, and what could not be. */
    public record Version(JsonNode document, Project project, List<Unfit> unfit) {}

    /** One thing that a row says: it is done to the document with all before it done. */
    private record Saying(String field, UnaryOperator<JsonNode> fills) {}

    private Versions() {}

    /**
     * The document as a row has it: its fields filled in, then what was corrected in it, then what was corrected in one of its formats.
     * The document given stays as it is; the new one shares with it what has not changed.
     *
     * @param reads how documents are read: what has been read before need not be again
     */
    public static Version of(JsonNode document, Project project, Row row, Function<JsonNode, Project> reads) {
        List<Saying> sayings = sayings(project, row);
        List<Unfit> unfit = new ArrayList<>();
        JsonNode filled = document;
        for (Saying saying : sayings) {
            try {
                filled = saying.fills().apply(filled);
            } catch (IllegalArgumentException e) {
                unfit.add(new Unfit(saying.field(), e.getMessage()));
            }
        }
        if (filled == document) {
            return new Version(document, project, unfit);
        }
        try {
            return given(project, new Version(filled, reads.apply(filled), unfit));
        } catch (IllegalArgumentException someDoes) {
            return given(project, oneByOne(document, project, sayings, reads));
        }
    }

    private static List<Saying> sayings(Project project, Row row) {
        List<Saying> all = new ArrayList<>();
        for (Field field : project.fields()) {
            JsonNode value = row.values().get(field.id());
            if (value != null) {
                all.add(new Saying(field.id(), document -> with(document, field, value)));
            }
        }
        // In all formats of the version, then in single ones.
        for (boolean single : List.of(false, true)) {
            row.own().stream()
                    .filter(one -> (one.format() != null) == single)
                    .forEach(own -> own.values()
                            .forEach(value -> all.add(new Saying("", document -> Pinned.with(document, own, value)))));
        }
        return all;
    }

    /** As long as it says, or as its words take to be read. */
    private static Version given(Project base, Version version) {
        Project given = GivenLengths.of(base, version.project());
        return given == version.project() ? version : new Version(DocumentJson.tree(given), given, version.unfit());
    }

    /** Something makes no document of it: each is tried by itself, on those before it. */
    private static Version oneByOne(
            JsonNode document, Project project, List<Saying> sayings, Function<JsonNode, Project> reads) {
        List<Unfit> unfit = new ArrayList<>();
        JsonNode filled = document;
        Project read = project;
        for (Saying saying : sayings) {
            try {
                JsonNode next = saying.fills().apply(filled);
                read = reads.apply(next);
                filled = next;
            } catch (IllegalArgumentException e) {
                unfit.add(new Unfit(saying.field(), e.getMessage()));
            }
        }
        return new Version(filled, read, unfit);
    }

    private static JsonNode with(JsonNode document, Field field, JsonNode value) {
        if (FieldValues.isGone(document, field)) {
            throw new IllegalArgumentException("what \u201c" + field.name() + "\u201d opened has been taken away");
        }
        JsonNode filled = document;
        for (Operation operation : FieldValues.operations(document, field, value)) {
            filled = new Patch(List.of(operation)).apply(filled).document();
        }
        List<Operation> over = new ArrayList<>();
        field.opens()
                .forEach(opened -> over.addAll(
                        LaidOver.operations(document, opened.at(), FieldValues.stored(field, opened, value))));
        return new Patch(over.stream().distinct().toList()).apply(filled).document();
    }
}
