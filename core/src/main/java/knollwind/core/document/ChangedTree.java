package knollwind.core.document;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A document being changed. Only what changes, and what it stands in, is copied; all else is shared with the document that
 * it came from, which stays as it is. So a change of one key in a long document costs as little as in a short one.
 */
final class ChangedTree {
    /** The nodes that this tree alone holds. */
    private final Set<JsonNode> own = Collections.newSetFromMap(new IdentityHashMap<>());

    private JsonNode root;

    ChangedTree(JsonNode document) {
        root = document;
    }

    JsonNode root() {
        return root;
    }

    /** The node at a path, free to be changed; the empty path is the root. */
    JsonNode open(String path) {
        root = owned(root);
        JsonNode node = root;
        if (path.isEmpty()) {
            return node;
        }
        for (String step : path.split("/", -1)) {
            if (node instanceof ArrayNode list) {
                int index = Patch.index(list, step);
                JsonNode next = owned(list.get(index));
                list.set(index, next);
                node = next;
            } else {
                JsonNode next = node.get(step);
                if (next == null) {
                    throw new IllegalArgumentException("there is no '" + step + "' in it");
                }
                next = owned(next);
                ((ObjectNode) node).set(step, next);
                node = next;
            }
        }
        return node;
    }

    private JsonNode owned(JsonNode node) {
        if (own.contains(node)) {
            return node;
        }
        JsonNode copy = node;
        if (node instanceof ObjectNode object) {
            copy = object.objectNode().setAll(object);
        } else if (node instanceof ArrayNode list) {
            copy = list.arrayNode(list.size()).addAll(list);
        }
        own.add(copy);
        return copy;
    }
}
