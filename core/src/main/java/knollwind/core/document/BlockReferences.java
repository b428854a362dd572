package knollwind.core.document;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import knollwind.core.scene.Filling;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Gives blocks of a scene other ids, with all that refers to them. */
public final class BlockReferences {
    /** Where inside a block the id of another one stands; elements of lists are a step of any name. */
    private static final Pattern INSIDE = Pattern.compile("place/(attach|follow)/to|place/room/blocks/[^/]+|"
            + "span/(startsAt|landsAt|leavesAt|endsAt)/block|shape/behind/[^/]+|"
            + "(arrive|dwell|leave)/moves/[^/]+/behind|dress/[^/]+/block");

    /** Where the steps of a block's words name another one. */
    private static final Pattern WORDS_OF = Pattern.compile("(?<=\\bthe words of \u2039)[^\u203a]+(?=\u203a)");

    private final Map<String, String> names;

    private BlockReferences(Map<String, String> names) {
        this.names = names;
    }

    /** Gives every block of a scene, and what refers to it inside the scene, its new id; others stay. */
    public static void rename(ObjectNode scene, Map<String, String> names) {
        BlockReferences references = new BlockReferences(names);
        each(scene.path("blocks"), block -> {
            references.replace(block, "id");
            references.inside(block, "");
            references.words(block, "says");
        });
        each(scene.path("groups"), group -> references.texts(group.get("blocks")));
        if (scene.get("crossing") instanceof ObjectNode crossing) {
            references.replace(crossing, "through");
        }
        each(scene.path("formats"), format -> each(format.path("overrides"), references::filling));
        each(scene.path("conditions"), condition -> {
            references.words(condition, "when");
            each(condition.path("values"), references::filling);
        });
        if (scene.get("captions") instanceof ObjectNode captions) {
            references.replace(captions, "design");
            references.texts(captions.get("designs"));
            each(captions.path("lines"), line -> each(line.path("own"), references::filling));
        }
    }

    /** A sentence of steps, that names the blocks whose words it takes. */
    private void words(ObjectNode owner, String name) {
        if (owner.get(name) instanceof StringNode says) {
            owner.put(name, WORDS_OF.matcher(says.stringValue()).replaceAll(found -> named(found.group())));
        }
    }

    /**
     * New ids for all blocks of a scene.
     *
     * @param free gives an id that nothing has, made of another one
     */
    public static Map<String, String> fresh(ObjectNode scene, UnaryOperator<String> free) {
        Map<String, String> names = new HashMap<>();
        scene.path("blocks").forEach(block -> {
            String id = block.path("id").asString("");
            names.put(id, free.apply(id));
        });
        return names;
    }

    /** What scenes elsewhere change in the blocks of a scene that stands in them follows the new ids. */
    public static void renameChanges(ObjectNode outer, String scene, Map<String, String> names) {
        BlockReferences references = new BlockReferences(names);
        each(outer.path("blocks"), block -> {
            references.changes(block.path("fill"), scene);
            references.changes(block.path("setting").path("fill"), scene);
        });
    }

    private void changes(JsonNode fill, String scene) {
        if (fill.path("scene").asString("").equals(scene)) {
            each(fill.path("changes"), this::filling);
        }
    }

    private void filling(ObjectNode filling) {
        String before = filling.path("block").asString("");
        replace(filling, "block");
        String path = String.join(
                "/",
                filling.path("path")
                        .valueStream()
                        .map(step -> step.asString(""))
                        .toList());
        JsonNode value = filling.get("value");
        if (INSIDE.matcher(path).matches() && value instanceof StringNode text) {
            filling.put("value", named(text.stringValue()));
        } else {
            inside(value, path + "/");
        }
        String block = filling.path("block").asString("");
        if (!block.equals(before)) {
            filling.put("id", Filling.idOf(block, List.of(path.split("/"))));
        }
    }

    private void inside(JsonNode node, String path) {
        if (node instanceof ObjectNode object) {
            List.copyOf(object.propertyNames()).forEach(name -> {
                if (INSIDE.matcher(path + name).matches() && object.get(name) instanceof StringNode) {
                    replace(object, name);
                } else {
                    inside(object.get(name), path + name + "/");
                }
            });
        } else if (node instanceof ArrayNode list) {
            if (INSIDE.matcher(path + "*").matches()) {
                texts(list);
            } else {
                list.forEach(element -> inside(element, path + "*/"));
            }
        }
    }

    private static void each(JsonNode list, Consumer<ObjectNode> change) {
        list.forEach(node -> change.accept((ObjectNode) node));
    }

    private void texts(JsonNode list) {
        if (list instanceof ArrayNode texts) {
            for (int i = 0; i < texts.size(); i++) {
                if (texts.get(i) instanceof StringNode text) {
                    texts.set(i, named(text.stringValue()));
                }
            }
        }
    }

    private void replace(ObjectNode object, String name) {
        if (object.get(name) instanceof StringNode text) {
            object.put(name, named(text.stringValue()));
        }
    }

    private String named(String id) {
        return names.getOrDefault(id, id);
    }
}
