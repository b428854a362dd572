package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import knollwind.core.document.Operation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Moves of one name in the same phase of several blocks: what is changed of one is changed of all. */
final class SharedMoves {
    /** What each has for itself: whether it is shared and acts, and what some characters do on their own. */
    private static final Set<String> OWN = Set.of("shared", "own", "muted");

    private SharedMoves() {}

    private record Found(String at, JsonNode move) {}

    /** The changes, each also made to all moves that share the name of the one it changes. */
    static List<Operation> followed(JsonNode tree, List<Operation> operations) {
        List<Operation> all = new ArrayList<>();
        for (Operation operation : operations) {
            all.add(operation);
            BlockPath.of(operation.at()).ifPresent(path -> all.addAll(others(tree, operation, path)));
        }
        return all;
    }

    private static List<Operation> others(JsonNode tree, Operation operation, BlockPath path) {
        List<String> inside = path.inside();
        if (inside.size() < 3 || !inside.get(1).equals("moves")) {
            return List.of();
        }
        String phase = inside.get(0);
        List<String> rest = inside.subList(3, inside.size());
        boolean whole = rest.isEmpty();
        if (!whole && OWN.contains(rest.get(0)) || whole && !(operation instanceof Operation.Set)) {
            return List.of();
        }
        String name = Nodes.find(Nodes.byId(tree.path("scenes"), path.scene()).path("blocks"), path.block())
                .flatMap(block -> Nodes.find(block.path(phase).path("moves"), inside.get(2)))
                .map(move -> move.path("shared").asString(""))
                .orElse("");
        if (name.isEmpty()) {
            return List.of();
        }
        String own = BlockPath.of(path.scene(), path.block()) + "/" + phase + "/moves/" + inside.get(2);
        return named(tree, phase, name)
                .filter(found -> !found.at().equals(own))
                .map(found -> onto(operation, found, rest))
                .toList();
    }

    private static Operation onto(Operation operation, Found other, List<String> rest) {
        if (rest.isEmpty() && operation instanceof Operation.Set set) {
            ObjectNode value = (ObjectNode) set.value().deepCopy();
            value.put("id", Nodes.id(other.move()));
            value.set("own", other.move().has("own") ? other.move().get("own") : value.arrayNode());
            return new Operation.Set(other.at(), value);
        }
        return operation.to(other.at() + "/" + String.join("/", rest));
    }

    private static Stream<Found> named(JsonNode tree, String phase, String name) {
        return tree.path("scenes")
                .valueStream()
                .flatMap(scene -> scene.path("blocks")
                        .valueStream()
                        .flatMap(block -> block.path(phase)
                                .path("moves")
                                .valueStream()
                                .filter(move -> move.path("shared").asString("").equals(name))
                                .map(move -> new Found(
                                        BlockPath.of(Nodes.id(scene), Nodes.id(block)) + "/" + phase + "/moves/"
                                                + Nodes.id(move),
                                        move))));
    }
}
