package knollwind.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.scene.Check;
import knollwind.core.scene.TextEdit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A change of a document as a list of operations: what undo, autosave and live edits are made of. One gesture is one
 * patch.
 */
public record Patch(List<Operation> operations) {
    /** Stretches of characters that go their own way: they stay with those characters and do not grow. */
    private static final String OWN = "own";

    /** The pieces that alone move. */
    private static final String ONLY = "only";

    private static final List<String> PHASES = List.of("arrive", "dwell", "leave");

    /** Lists of stretches of a block's text, which edits of the text move along. */
    private static final List<String> RANGES = List.of("runs", "placed");

    /** A patched document and the patch that takes the change back. */
    public record Result(JsonNode document, Patch inverse) {}

    public Patch {
        operations = Check.list(operations);
    }

    /**
     * Applies the operations in order. The document given stays as it is; the new one shares with it what has not changed,
     * so neither may be written to afterwards.
     *
     * @throws IllegalArgumentException with the path when an operation does not fit the document
     */
    public Result apply(JsonNode document) {
        ChangedTree tree = new ChangedTree(document);
        List<Operation> inverse = new ArrayList<>();
        for (Operation operation : operations) {
            try {
                inverse.addAll(0, apply(tree, operation));
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException("cannot change " + operation.at() + ": " + e.getMessage(), e);
            }
        }
        return new Result(tree.root(), new Patch(inverse));
    }

    private static List<Operation> apply(ChangedTree tree, Operation operation) {
        if (operation.at() == null || operation.at().isBlank()) {
            throw new IllegalArgumentException("the path is missing");
        }
        return operation.match(new Applying(tree));
    }

    /** Does an operation to a tree, and gives those that undo it. */
    private record Applying(ChangedTree tree) implements Operation.Cases<List<Operation>> {
        /** What the operation's path leads to but for its last name. */
        private JsonNode parent(Operation operation) {
            return tree.open(above(operation));
        }

        private static String above(Operation operation) {
            return operation.at().substring(0, Math.max(operation.at().lastIndexOf('/'), 0));
        }

        private static String last(Operation operation) {
            return operation.at().substring(operation.at().lastIndexOf('/') + 1);
        }

        @Override
        public List<Operation> set(Operation.Set set) {
            return Patch.set(parent(set), last(set), set);
        }

        @Override
        public List<Operation> clear(Operation.Clear clear) {
            return Patch.clear(parent(clear), last(clear), clear);
        }

        @Override
        public List<Operation> insert(Operation.Insert insert) {
            return Patch.insert(tree, insert);
        }

        @Override
        public List<Operation> remove(Operation.Remove remove) {
            ArrayNode list = list(parent(remove));
            int index = index(list, last(remove));
            return List.of(new Operation.Insert(above(remove), index, list.remove(index)));
        }

        @Override
        public List<Operation> reorder(Operation.Reorder reorder) {
            ArrayNode list = list(parent(reorder));
            int index = index(list, last(reorder));
            JsonNode element = list.remove(index);
            list.insert(Math.max(0, Math.min(reorder.index(), list.size())), element);
            return List.of(new Operation.Reorder(reorder.at(), index));
        }

        @Override
        public List<Operation> splice(Operation.Splice splice) {
            return Patch.splice(tree, object(parent(splice)), last(splice), splice);
        }
    }

    private static List<Operation> set(JsonNode parent, String name, Operation.Set set) {
        Check.present(set.value(), "the value");
        if (parent instanceof ArrayNode list) {
            int index = index(list, name);
            JsonNode before = list.get(index);
            list.set(index, set.value());
            return List.of(new Operation.Set(set.at(), before));
        }
        ObjectNode object = object(parent);
        JsonNode before = object.get(name);
        object.set(name, set.value());
        return List.of(before == null ? new Operation.Clear(set.at()) : new Operation.Set(set.at(), before));
    }

    private static List<Operation> clear(JsonNode parent, String name, Operation.Clear clear) {
        JsonNode before = object(parent).remove(name);
        if (before == null) {
            throw new IllegalArgumentException("nothing stands there");
        }
        return List.of(new Operation.Set(clear.at(), before));
    }

    private static List<Operation> insert(ChangedTree tree, Operation.Insert insert) {
        ArrayNode list = list(tree.open(insert.at()));
        JsonNode value = Check.present(insert.value(), "the value");
        String id = Check.id(value.path("id").asString(null), "an inserted element");
        for (JsonNode element : list) {
            if (id.equals(element.path("id").asString(null))) {
                throw new IllegalArgumentException("there is an element with the id '" + id + "' already");
            }
        }
        list.insert(Math.max(0, Math.min(insert.index(), list.size())), value);
        return List.of(new Operation.Remove(insert.at() + "/" + id));
    }

    private static List<Operation> splice(ChangedTree tree, ObjectNode owner, String name, Operation.Splice splice) {
        JsonNode node = owner.get(name);
        if (node == null || !node.isString()) {
            throw new IllegalArgumentException("there is no text");
        }
        String before = node.stringValue();
        TextEdit edit = new TextEdit(splice.from(), splice.removed(), splice.inserted());
        owner.put(name, edit.apply(before));
        TextEdit back = edit.inverse(before);
        List<Operation> inverse = new ArrayList<>();
        inverse.add(Operation.Splice.of(splice.at(), back));
        if (name.equals("text")) {
            String path = splice.at().substring(0, splice.at().length() - "text".length());
            for (String ranges : RANGES) {
                inverse.addAll(moveRanges(owner, ranges, path, edit));
            }
            for (JsonNode dressing : owner.path("dress")) {
                String at = path + "dress/" + dressing.path("id").asString("");
                inverse.addAll(moveOnly((ObjectNode) tree.open(at), at + "/", edit));
            }
            for (String phase : PHASES) {
                for (JsonNode move : owner.path(phase).path("moves")) {
                    String at = path + phase + "/moves/" + move.path("id").asString("");
                    if (!move.path(OWN).isEmpty()) {
                        inverse.addAll(moveRanges((ObjectNode) tree.open(at), OWN, at + "/", edit));
                    }
                    inverse.addAll(moveOnly((ObjectNode) tree.open(at), at + "/", edit));
                }
            }
        }
        return inverse;
    }

    /** What is left of the characters that alone are meant; where nothing is, those that now stand in their place. */
    private static List<Operation> moveOnly(ObjectNode owner, String path, TextEdit edit) {
        JsonNode before = owner.path(ONLY);
        Optional<int[]> range =
                edit.move(before.path("from").asInt(), before.path("to").asInt(), false);
        if (!before.path("of").asString("").equals("character")
                || range.isEmpty()
                || before.path("every").asInt(1) > 1) {
            return List.of();
        }
        ObjectNode only = (ObjectNode) before.deepCopy();
        only.put("from", range.get()[0]);
        only.put("to", range.get()[1]);
        owner.set(ONLY, only);
        return List.of(new Operation.Set(path + ONLY, before));
    }

    private static List<Operation> moveRanges(ObjectNode owner, String name, String path, TextEdit edit) {
        if (!(owner.get(name) instanceof ArrayNode list) || list.isEmpty()) {
            return List.of();
        }
        owner.set(name, moved(list, edit, !name.equals(OWN)));
        return List.of(new Operation.Set(path + name, list));
    }

    private static ArrayNode moved(ArrayNode runs, TextEdit edit, boolean grows) {
        ArrayNode result = runs.arrayNode();
        for (JsonNode run : runs) {
            Optional<int[]> range =
                    edit.move(run.path("from").asInt(), run.path("to").asInt(), grows);
            range.ifPresent(bounds -> {
                ObjectNode copy = (ObjectNode) run.deepCopy();
                copy.put("from", bounds[0]);
                copy.put("to", bounds[1]);
                result.add(copy);
            });
        }
        return result;
    }

    /** The node at a path; the empty path is the root. */
    public static JsonNode find(JsonNode root, String path) {
        JsonNode node = root;
        if (path.isEmpty()) {
            return node;
        }
        for (String step : path.split("/", -1)) {
            JsonNode next = node instanceof ArrayNode list ? list.get(index(list, step)) : node.get(step);
            if (next == null) {
                throw new IllegalArgumentException("there is no '" + step + "' in it");
            }
            node = next;
        }
        return node;
    }

    private static ObjectNode object(JsonNode node) {
        if (node instanceof ObjectNode object) {
            return object;
        }
        throw new IllegalArgumentException("its parent has no named members");
    }

    private static ArrayNode list(JsonNode node) {
        if (node instanceof ArrayNode list) {
            return list;
        }
        throw new IllegalArgumentException("there is no list");
    }

    static int index(ArrayNode list, String id) {
        for (int i = 0; i < list.size(); i++) {
            if (id.equals(list.get(i).path("id").asString(null))) {
                return i;
            }
        }
        throw new IllegalArgumentException("the list has no element with the id '" + id + "'");
    }
}
