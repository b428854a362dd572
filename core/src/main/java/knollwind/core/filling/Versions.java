package knollwind.core.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
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
    /** A cell that is passed over, and why. */
    public record Unfit(String field, String reason) {}

    /** A document with a row filled in, and what could not be. */
    public record Version(JsonNode document, Project project, List<Unfit> unfit) {}

    private Versions() {}

    /**
     * The document as a row has it. The document given stays as it is; the new one shares with it what has not changed.
     *
     * @param reads how documents are read: what has been read before need not be again
     */
    public static Version of(JsonNode document, Project project, Row row, Function<JsonNode, Project> reads) {
        List<Unfit> unfit = new ArrayList<>();
        JsonNode filled = document;
        for (Field field : project.fields()) {
            JsonNode value = row.values().get(field.id());
            if (value != null) {
                try {
                    filled = with(filled, field, value);
                } catch (IllegalArgumentException e) {
                    unfit.add(new Unfit(field.id(), e.getMessage()));
                }
            }
        }
        if (filled == document) {
            return new Version(document, project, unfit);
        }
        try {
            return given(project, new Version(filled, reads.apply(filled), unfit));
        } catch (IllegalArgumentException someDoes) {
            return given(project, oneByOne(document, project, row, reads));
        }
    }

    /** As long as it says, or as its words take to be read. */
    private static Version given(Project base, Version version) {
        Project given = GivenLengths.of(base, version.project());
        return given == version.project() ? version : new Version(DocumentJson.tree(given), given, version.unfit());
    }

    /** Some value makes no document of it: each is tried by itself, on those before it. */
    private static Version oneByOne(JsonNode document, Project project, Row row, Function<JsonNode, Project> reads) {
        List<Unfit> unfit = new ArrayList<>();
        JsonNode filled = document;
        Project read = project;
        for (Field field : project.fields()) {
            JsonNode value = row.values().get(field.id());
            if (value != null) {
                try {
                    JsonNode next = with(filled, field, value);
                    read = reads.apply(next);
                    filled = next;
                } catch (IllegalArgumentException e) {
                    unfit.add(new Unfit(field.id(), e.getMessage()));
                }
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
