package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Check;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Does to each of several blocks what was last done to another one, to their moves of the same place in the same phase. What does
 * not fit a block is left out. What was done in a format alone is done again in the one that is looked at.
 *
 * @param done the last change
 */
public record DoAgain(List<Operation> done, List<String> blocks) implements Intent {
    /** What is said where the change was none of a single block, or fits none of the blocks. */
    private static final String NOTHING = "There is nothing to do again here.";

    public DoAgain {
        done = Check.list(done);
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        List<Operation> shown = ShownChanges.of(draft.tree(), done);
        Set<Optional<String>> from = shown.stream()
                .map(operation -> BlockPath.of(operation.at())
                        .filter(path -> !path.inside().isEmpty())
                        .map(path -> BlockPath.of(path.scene(), path.block())))
                .collect(Collectors.toSet());
        String source = from.size() == 1 ? from.iterator().next().orElse("") : "";
        List<Operation> operations = new ArrayList<>();
        for (String block : source.isEmpty() ? List.<String>of() : blocks) {
            String to = source.substring(0, source.lastIndexOf('/') + 1) + block;
            if (!to.equals(source)) {
                operations.addAll(onto(draft.tree(), shown, source, to));
            }
        }
        return Outcome.saying(operations, operations.isEmpty() ? NOTHING : "");
    }

    private List<Operation> onto(JsonNode tree, List<Operation> shown, String source, String to) {
        try {
            List<Operation> made = shown.stream()
                    .map(operation -> carried(tree, operation, source, to))
                    .toList();
            new Patch(made).apply(tree);
            return made;
        } catch (IllegalArgumentException doesNotFit) {
            return List.of();
        }
    }

    private static Operation carried(JsonNode tree, Operation operation, String source, String to) {
        List<String> inside =
                new ArrayList<>(BlockPath.of(operation.at()).orElseThrow().inside());
        if (operation instanceof Operation.Splice || operation instanceof Operation.Reorder) {
            throw new IllegalArgumentException("a change of words or of an order belongs to its block");
        }
        if (inside.size() > 2 && inside.get(1).equals("moves")) {
            String moves = "/" + inside.get(0) + "/moves";
            int place = ids(tree, source + moves).indexOf(inside.get(2));
            List<String> others = ids(tree, to + moves);
            if (place < 0 || place >= others.size()) {
                throw new IllegalArgumentException("the block has no move in that place");
            }
            inside.set(2, others.get(place));
        }
        String at = to + "/" + String.join("/", inside);
        if (operation instanceof Operation.Insert insert) {
            ObjectNode value = (ObjectNode) insert.value().deepCopy();
            List<String> taken = ids(tree, at);
            if (taken.contains(Nodes.id(value))) {
                value.put("id", new Ids(taken).first(Nodes.id(value).replaceAll("\\d+$", "")));
            }
            return new Operation.Insert(at, insert.index(), value);
        }
        return operation.to(at);
    }

    private static List<String> ids(JsonNode tree, String path) {
        return Patch.find(tree, path).valueStream().map(Nodes::id).toList();
    }
}
