package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import tools.jackson.databind.JsonNode;

/**
 * Takes keys away. Where none would be left, the value of the first stays for all times; a path of fewer than two points is none, and
 * its block stands still at the point that is left, or where the path ended.
 *
 * @param format id of the format that is looked at
 */
public record RemoveKeys(String scene, String format, String block, List<KeyName> keys) implements Intent {
    /**
     * A key of a block.
     *
     * @param member path of the value that changes, or {@code place/way} for the points of a motion path
     */
    public record KeyName(String member, String id) {}

    public RemoveKeys {
        keys = Check.list(keys);
    }

    @Override
    public Outcome on(Draft draft) {
        List<Operation> operations = new ArrayList<>();
        for (BlockTracks.Row row : BlockTracks.of(draft, scene, format, block).rows()) {
            Set<String> gone = keys.stream()
                    .filter(key -> key.member().equals(row.member()))
                    .map(KeyName::id)
                    .collect(Collectors.toSet());
            List<JsonNode> left = row.keys().keys().stream()
                    .filter(key -> !gone.contains(Nodes.id(key)))
                    .toList();
            List<JsonNode> all = row.keys().keys();
            if (left.size() == all.size()) {
                continue;
            }
            if (row.isPath() && left.size() < 2) {
                operations.addAll(standing(row, left.isEmpty() ? all.get(all.size() - 1) : left.get(0)));
            } else if (!row.isPath() && left.isEmpty()) {
                operations.add(new Operation.Set(row.value(), all.get(0).get("value")));
            } else {
                all.stream()
                        .filter(key -> gone.contains(Nodes.id(key)))
                        .forEach(key ->
                                operations.add(new Operation.Remove(row.keys().at() + "/" + Nodes.id(key))));
            }
        }
        return Outcome.of(operations, "");
    }

    private List<Operation> standing(BlockTracks.Row row, JsonNode point) {
        String place = BlockPath.of(scene, block) + "/place/";
        return List.of(
                new Operation.Set(place + "x", Nodes.px(point.get("x"))),
                new Operation.Set(place + "y", Nodes.px(point.get("y"))),
                new Operation.Clear(row.value()));
    }
}
