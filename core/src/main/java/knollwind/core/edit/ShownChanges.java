package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Filling;
import tools.jackson.databind.JsonNode;

/** Changes as they were meant: those of a format's own values as changes of the blocks that it shows. */
final class ShownChanges {
    private ShownChanges() {}

    /**
     * The changes as changes of blocks. That a value of a format goes is not among them: it goes when a larger one takes it in.
     *
     * @param tree the document after them
     */
    static List<Operation> of(JsonNode tree, List<Operation> operations) {
        List<Operation> all = new ArrayList<>();
        Map<String, Filling> made = new HashMap<>();
        for (Operation operation : operations) {
            List<String> steps = List.of(operation.at().split("/"));
            if (steps.size() < 5
                    || !steps.get(2).equals("formats")
                    || !steps.get(4).equals("overrides")) {
                all.add(operation);
            } else if (operation instanceof Operation.Insert insert && steps.size() == 5) {
                Filling filling = DocumentJson.read(insert.value(), Filling.class);
                made.put(filling.id(), filling);
                all.add(set(at(steps.get(1), filling, List.of()), insert.value().path("value")));
            } else if (steps.size() > 6) {
                filling(tree, made, steps).ifPresent(filling -> {
                    String at = at(steps.get(1), filling, steps.subList(7, steps.size()));
                    all.add(operation.to(at));
                });
            }
        }
        return all;
    }

    private static Optional<Filling> filling(JsonNode tree, Map<String, Filling> made, List<String> steps) {
        return Optional.ofNullable(made.get(steps.get(5)))
                .or(() -> Optional.of(Nodes.at(tree, steps.subList(0, 6)))
                        .filter(node -> !node.isMissingNode())
                        .map(node -> DocumentJson.read(node, Filling.class)));
    }

    private static Operation set(String at, JsonNode value) {
        return value.isNull() || value.isMissingNode() ? new Operation.Clear(at) : new Operation.Set(at, value);
    }

    private static String at(String scene, Filling filling, List<String> inside) {
        List<String> path = new ArrayList<>(filling.path());
        path.addAll(inside);
        return BlockPath.of(scene, filling.block()) + "/" + String.join("/", path);
    }
}
