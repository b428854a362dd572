package knollwind.core.filling;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.FieldKinds;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextEdit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The one way to change a scene without editing it. Layers of values are laid over each other, from the base up: its conditions that
 * hold, the scene's own format, where it stands in another scene, then what comes from outside. Within one layer later values win. A value whose block or
 * place is gone, or that does not fit what stands there now, is passed over and told as a {@link Misfit}.
 *
 * <p>Nothing filled is the identity; filling twice is filling once.
 */
public final class Filler {
    /** A value that is passed over, and why. */
    public record Misfit(Filling filling, String reason) {}

    private Filler() {}

    /** The blocks of a scene as one of its formats shows them. */
    public static List<Block> blocks(Scene scene, Format format) {
        return BuiltWords.of(scene, blocks(Conditions.filled(scene), format.overrides(), misfit -> {}));
    }

    /** A scene that one of its formats shows, and with other values where it stands; it has no formats' values any more. */
    public static Scene scene(Scene scene, Format format, List<Filling> instance) {
        List<Block> own = blocks(Conditions.filled(scene), format.overrides(), misfit -> {});
        return scene.withConditions(List.of()).withBlocks(BuiltWords.of(scene, blocks(own, instance, misfit -> {})));
    }

    /** The blocks with a layer of values over them. */
    public static List<Block> blocks(List<Block> blocks, List<Filling> layer, Consumer<Misfit> misfits) {
        if (layer.isEmpty()) {
            return blocks;
        }
        Map<String, List<Filling>> byBlock = new HashMap<>();
        layer.forEach(filling -> byBlock.computeIfAbsent(filling.block(), id -> new ArrayList<>())
                .add(filling));
        List<Block> filled = new ArrayList<>();
        for (Block block : blocks) {
            List<Filling> own = byBlock.getOrDefault(block.id(), List.of());
            filled.add(own.isEmpty() ? block : fill(block, own, misfits));
        }
        return filled;
    }

    private static Block fill(Block block, List<Filling> layer, Consumer<Misfit> misfits) {
        JsonNode tree = DocumentJson.blockTree(block);
        JsonNode all = tree;
        for (Filling filling : layer) {
            all = with(all, filling).orElse(all);
        }
        try {
            return DocumentJson.read(all, Block.class);
        } catch (IllegalArgumentException notAll) {
            return fillOneByOne(block, tree, layer, misfits);
        }
    }

    /** Some value does not fit: each is tried by itself, on those before it. */
    private static Block fillOneByOne(Block block, JsonNode tree, List<Filling> layer, Consumer<Misfit> misfits) {
        Block filled = block;
        JsonNode fitting = tree;
        for (Filling filling : layer) {
            Optional<JsonNode> next = with(fitting, filling);
            if (next.isEmpty()) {
                continue;
            }
            try {
                filled = DocumentJson.read(next.get(), Block.class);
                fitting = next.get();
            } catch (IllegalArgumentException unfit) {
                misfits.accept(new Misfit(filling, unfit.getMessage()));
            }
        }
        return filled;
    }

    /** The block with the value in place; nothing where its place is gone. */
    static Optional<JsonNode> with(JsonNode block, Filling filling) {
        JsonNode tree = block.deepCopy();
        List<String> path = filling.path();
        if (path.equals(List.of("text")) && filling.value().isString()) {
            return Optional.of(words(tree, filling.value().stringValue()));
        }
        JsonNode parent;
        try {
            parent = Patch.find(tree, String.join("/", path.subList(0, path.size() - 1)));
        } catch (IllegalArgumentException gone) {
            return Optional.empty();
        }
        String last = path.get(path.size() - 1);
        if (parent instanceof ObjectNode object) {
            if (filling.value().isNull()) {
                object.remove(last);
            } else {
                object.set(last, filling.value().deepCopy());
            }
            return Optional.of(tree);
        }
        if (parent instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                if (last.equals(list.get(i).path("id").asString(null))) {
                    list.set(i, filling.value().deepCopy());
                    return Optional.of(tree);
                }
            }
        }
        return Optional.empty();
    }

    /** Other words in the place of a block's: what lies over stretches of them goes along as with any edit. */
    private static JsonNode words(JsonNode block, String words) {
        String now = block.path("text").asString("");
        return now.equals(words)
                ? block
                : new Patch(List.of(Operation.Splice.of("text", TextEdit.between(now, words))))
                        .apply(block)
                        .document();
    }

    /**
     * The project with all fields filled in by their own values.
     *
     * @throws IllegalArgumentException when a value refers to a field that is not there or does not fit
     */
    public static Project plain(Project unbuilt) {
        Project project = BuiltWords.fielded(unbuilt);
        if (project.fields().stream().allMatch(field -> field.value() == null)) {
            return project.fields().isEmpty() && project.table() == null
                    ? project
                    : project.with(one -> one.fields(List.of()).table(null));
        }
        return plain(project, Map.of());
    }

    /** @param values by the ids of the fields; a field without one has its own */
    public static Project plain(Project project, Map<String, JsonNode> values) {
        Map<String, JsonNode> all = new HashMap<>();
        for (Field field : project.fields()) {
            JsonNode value = values.getOrDefault(field.id(), field.value());
            if (value != null) {
                FieldKinds.check(field, value);
                all.put(field.id(), value);
            }
        }
        ObjectNode tree = (ObjectNode) DocumentJson.tree(project);
        tree.set("scenes", filled(tree.get("scenes"), all));
        tree.putArray("fields");
        tree.remove("table");
        return DocumentJson.read(tree);
    }

    private static JsonNode filled(JsonNode node, Map<String, JsonNode> values) {
        if (node instanceof ObjectNode object) {
            if (object.size() == 1 && object.path("field").isString()) {
                String id = object.path("field").stringValue();
                if (!values.containsKey(id)) {
                    throw new IllegalArgumentException("the project has no field '" + id + "'");
                }
                return values.get(id);
            }
            List.copyOf(object.propertyNames()).forEach(name -> object.set(name, filled(object.get(name), values)));
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                list.set(i, filled(list.get(i), values));
            }
        }
        return node;
    }
}
