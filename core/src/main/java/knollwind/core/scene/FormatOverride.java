package knollwind.core.scene;

import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * One value that a format changes: the block it belongs to, the path inside that block (names, and ids inside lists)
 * and the value that stands there instead; JSON's null takes the
 * base's value away.
 */
public record FormatOverride(String id, String block, List<String> path, JsonNode value) {
    public FormatOverride {
        Check.id(id, "an override");
        Check.id(block, "the block of an override");
        path = Check.list(path);
        if (path.isEmpty()
                || path.get(0).equals("id")
                || path.get(0).equals("kind")
                || path.get(0).equals("text")
                || path.get(0).equals("runs")
                || path.get(0).equals("placed")) {
            throw new IllegalArgumentException(
                    "an override needs a path to a value of the block; id, kind, words and what lies over stretches of them stay shared");
        }
        Check.present(value, "the value of an override");
    }
}
