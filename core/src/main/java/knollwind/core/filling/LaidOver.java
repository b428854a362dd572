package knollwind.core.filling;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.document.Operation;
import tools.jackson.databind.JsonNode;

/** A value of a block that holds against what formats fill in for it, and against what is filled in where its scene stands in another. */
final class LaidOver {
    private static final int INSIDE = 4;

    private LaidOver() {}

    /**
     * What has to become of all values that are filled in at a place, around it or inside it.
     *
     * @param at path of a value, from the project down; what is in no block is filled in by nobody else
     * @param value JSON's null where nothing stands there
     */
    static List<Operation> operations(JsonNode document, String at, JsonNode value) {
        List<String> steps = Arrays.asList(at.split("/"));
        if (steps.size() <= INSIDE
                || !steps.get(0).equals("scenes")
                || !steps.get(2).equals("blocks")) {
            return List.of();
        }
        String block = steps.get(3);
        List<String> path = steps.subList(INSIDE, steps.size());
        List<Operation> all = new ArrayList<>();
        for (JsonNode scene : document.path("scenes")) {
            String place = "scenes/" + id(scene);
            if (id(scene).equals(steps.get(1))) {
                for (JsonNode format : scene.path("formats")) {
                    layer(
                            format.path("overrides"),
                            place + "/formats/" + id(format) + "/overrides",
                            block,
                            path,
                            value,
                            all);
                }
            }
            if (id(scene).equals(steps.get(1))) {
                for (JsonNode condition : scene.path("conditions")) {
                    String list = place + "/conditions/" + id(condition) + "/values";
                    layer(condition.path("values"), list, block, path, value, all);
                }
            }
            for (JsonNode outer : scene.path("blocks")) {
                for (String fill : List.of("fill", "setting/fill")) {
                    JsonNode nested = outer;
                    for (String step : fill.split("/")) {
                        nested = nested.path(step);
                    }
                    if (nested.path("scene").asString("").equals(steps.get(1))) {
                        String list = place + "/blocks/" + id(outer) + "/" + fill + "/changes";
                        layer(nested.path("changes"), list, block, path, value, all);
                    }
                }
            }
        }
        return all;
    }

    private static void layer(
            JsonNode fillings, String list, String block, List<String> path, JsonNode value, List<Operation> all) {
        for (JsonNode filling : fillings) {
            List<String> filled = filling.path("path")
                    .valueStream()
                    .map(step -> step.asString(""))
                    .toList();
            if (!filling.path("block").asString("").equals(block)) {
                continue;
            }
            String there = list + "/" + id(filling);
            if (begins(filled, path)) {
                // The same place or one inside it: what is laid over it stands.
                all.add(new Operation.Remove(there));
            } else if (begins(path, filled)) {
                String inside = there + "/value/" + String.join("/", path.subList(filled.size(), path.size()));
                all.add(value.isNull() ? new Operation.Clear(inside) : new Operation.Set(inside, value));
            }
        }
    }

    private static boolean begins(List<String> path, List<String> start) {
        return path.size() >= start.size() && path.subList(0, start.size()).equals(start);
    }

    private static String id(JsonNode node) {
        return node.path("id").asString("");
    }
}
