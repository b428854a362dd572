package knollwind.core.template;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import knollwind.core.document.BlockReferences;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Origin;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Templates as they stand in the documents that use them: every scene, block and field under an id of its own. */
public final class Uses {
    /** Where words that are built by steps name a field; blocks are named in front of it. */
    private static final Pattern FIELD = Pattern.compile("(?<!\\bthe words of )(?<=\u2039)[^\u203a]+(?=\u203a)");

    /** Members that are sentences of steps. */
    private static final List<String> SENTENCES = List.of("says", "when");

    private final String use;
    private final Map<String, String> scenes = new HashMap<>();
    private final Map<String, String> blocks = new HashMap<>();
    private final Map<String, String> fields = new HashMap<>();

    private Uses(JsonNode template, String use) {
        this.use = use;
        template.path("fields").forEach(field -> note(fields, field));
        template.path("scenes").forEach(scene -> {
            note(scenes, scene);
            scene.path("blocks").forEach(block -> note(blocks, block));
        });
    }

    private void note(Map<String, String> ids, JsonNode node) {
        String id = node.path("id").asString("");
        ids.put(id, use == null ? id : use + "." + id);
    }

    /**
     * A template as one use of it has it. The template stays as it is.
     *
     * @param template its document
     * @param revision of the template
     * @param use what is put before ids; null for nothing
     */
    public static ObjectNode of(JsonNode template, long revision, String use) {
        ObjectNode used = (ObjectNode) template.deepCopy();
        new Uses(template, use).rename(used, template.path("id").asString(""), revision);
        return used;
    }

    private void rename(ObjectNode document, String template, long revision) {
        for (JsonNode node : document.path("scenes")) {
            ObjectNode scene = (ObjectNode) node;
            String id = scene.path("id").asString("");
            scenes.keySet().forEach(inner -> BlockReferences.renameChanges(scene, inner, blocks));
            BlockReferences.rename(scene, blocks);
            references(scene);
            scene.put("id", scenes.get(id));
            scene.set("origin", DocumentJson.tree(new Origin(template, revision, use, id)));
        }
        for (JsonNode node : document.path("fields")) {
            ObjectNode field = (ObjectNode) node;
            field.put("id", fields.get(field.path("id").asString("")));
            for (JsonNode opened : field.path("opens")) {
                ((ObjectNode) opened).put("at", place(opened.path("at").asString("")));
            }
        }
    }

    /** Scenes that stand in blocks, and fields that values and words name. */
    private void references(JsonNode node) {
        if (node instanceof ObjectNode object) {
            if (object.path("kind").asString("").equals("scene") && object.get("scene") instanceof StringNode inner) {
                object.put("scene", scenes.getOrDefault(inner.stringValue(), inner.stringValue()));
            }
            if (object.size() == 1 && object.get("field") instanceof StringNode field) {
                object.put("field", fields.getOrDefault(field.stringValue(), field.stringValue()));
            }
            for (String sentence : SENTENCES) {
                if (object.get(sentence) instanceof StringNode says) {
                    object.put(
                            sentence,
                            FIELD.matcher(says.stringValue())
                                    .replaceAll(found -> fields.getOrDefault(found.group(), found.group())));
                }
            }
            object.forEach(this::references);
        } else if (node instanceof ArrayNode list) {
            list.forEach(this::references);
        }
    }

    private String place(String at) {
        List<String> steps = new ArrayList<>(List.of(at.split("/")));
        if (steps.size() > 1 && steps.get(0).equals("scenes")) {
            steps.set(1, scenes.getOrDefault(steps.get(1), steps.get(1)));
            if (steps.size() > 3 && steps.get(2).equals("blocks")) {
                steps.set(3, blocks.getOrDefault(steps.get(3), steps.get(3)));
            }
        }
        return String.join("/", steps);
    }
}
