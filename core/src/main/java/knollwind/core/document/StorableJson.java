package knollwind.core.document;

import java.util.Map;
import knollwind.core.scene.TextEdit;
import tools.jackson.databind.JsonNode;

/** What JSON that comes in may hold so that it can be stored and reads back as it was. */
public final class StorableJson {
    private StorableJson() {}

    /**
     * Passes a tree whose numbers are finite and whose texts and names hold neither U+0000 nor half a surrogate pair.
     *
     * @return the same tree; null for null
     * @throws IllegalArgumentException with the reason at the first fault
     */
    public static JsonNode check(JsonNode tree) {
        if (tree == null) {
            return null;
        }
        if (tree.isNumber() && !Double.isFinite(tree.doubleValue())) {
            throw new IllegalArgumentException("a number is too large to be kept; the largest are near 1.8e308");
        }
        if (tree.isString()) {
            text(tree.stringValue());
        }
        for (JsonNode element : tree.isObject() ? java.util.List.<JsonNode>of() : tree) {
            check(element);
        }
        for (Map.Entry<String, JsonNode> member : tree.properties()) {
            text(member.getKey());
            check(member.getValue());
        }
        return tree;
    }

    /**
     * Passes a text that can be stored.
     *
     * @return the same text; null for null
     */
    public static String text(String text) {
        if (text == null) {
            return null;
        }
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) == 0) {
                throw new IllegalArgumentException("a text holds the control character U+0000, which cannot be kept");
            }
            if (TextEdit.isLoneSurrogate(text, i)) {
                throw new IllegalArgumentException("a text holds half of a character at " + i);
            }
        }
        return text;
    }
}
