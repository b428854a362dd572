package knollwind.core.filling;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Correction;
import knollwind.core.scene.Filling;
import tools.jackson.databind.JsonNode;

/** Values that are pinned to a version, or to one format of it. */
final class Pinned {
    /** Behind all values that are there. */
    private static final int LAST = 1_000_000;

    private Pinned() {}

    /**
     * The document with a corrected value in place.
     *
     * @throws IllegalArgumentException when its scene, format, block or place is gone
     */
    static JsonNode with(JsonNode document, Correction own, Filling value) {
        String scene = "scenes/" + own.scene();
        JsonNode block = FieldValues.at(document, scene + "/blocks/" + value.block())
                .orElseThrow(() -> new IllegalArgumentException("what was corrected has been taken away"));
        return new Patch(
                        own.format() == null
                                ? inAll(document, scene, block, value)
                                : inOne(document, scene + "/formats/" + own.format(), value))
                .apply(document)
                .document();
    }

    /** Where all formats of the version show it: in the block, against what formats and outer scenes have of their own there. */
    private static List<Operation> inAll(JsonNode document, String scene, JsonNode block, Filling value) {
        String at = scene + "/blocks/" + value.block();
        JsonNode corrected = Filler.with(block, value)
                .orElseThrow(() -> new IllegalArgumentException("what was corrected has been taken away"));
        List<Operation> all = new ArrayList<>(
                LaidOver.operations(document, at + "/" + String.join("/", value.path()), value.value()));
        all.add(new Operation.Set(at, corrected));
        return all;
    }

    /** Behind everything that the format has of its own. */
    private static List<Operation> inOne(JsonNode document, String format, Filling value) {
        JsonNode there = FieldValues.at(document, format)
                .orElseThrow(() -> new IllegalArgumentException("the format that was corrected has been taken away"));
        String list = format + "/overrides";
        JsonNode tree = DocumentJson.tree(value);
        List<Operation> all = new ArrayList<>();
        if (FieldValues.at(document, list + "/" + value.id()).isPresent()) {
            all.add(new Operation.Remove(list + "/" + value.id()));
        }
        all.add(
                there.path("overrides").isArray()
                        ? new Operation.Insert(list, LAST, tree)
                        : new Operation.Set(list, DocumentJson.tree(List.of(value))));
        return all;
    }
}
