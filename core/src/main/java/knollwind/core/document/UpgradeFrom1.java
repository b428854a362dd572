package knollwind.core.document;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Version 2: no two scenes, takes apart, have blocks of the same id; what is different in a scene where it stands in another is told
 * by paths; fields say of which kind they are; a weight that a face says nothing of is the regular one.
 */
final class UpgradeFrom1 {
    private UpgradeFrom1() {}

    static ObjectNode upgraded(ObjectNode document) {
        kinds(document);
        changes(document);
        ownIds(document);
        faces(document.path("scenes"));
        document.remove("assets");
        return document;
    }

    /** What the files of some families start from, which used to be meant where a face said nothing of it. */
    private static final Map<String, Map<String, Integer>> STARTS = Map.of(
            "Archivo", Map.of("wght", 600),
            "Encode Sans", Map.of("wght", 100, "wdth", 75),
            "Bricolage Grotesque", Map.of("wght", 800),
            "Outfit", Map.of("wght", 100),
            "Anybody", Map.of("wght", 100),
            "Big Shoulders", Map.of("wght", 100),
            "Fraunces", Map.of("wght", 900),
            "Bitter", Map.of("wght", 100),
            "Recursive", Map.of("wght", 300),
            "Shantell Sans", Map.of("wght", 300));

    /** Faces that said nothing of their weight keep the one they were seen in. */
    private static void faces(JsonNode node) {
        if (node instanceof ObjectNode object && object.path("family").isString()) {
            STARTS.getOrDefault(object.path("family").stringValue(), Map.of()).forEach((tag, value) -> {
                ObjectNode axes = object.get("axes") instanceof ObjectNode there ? there : object.putObject("axes");
                if (!axes.has(tag)) {
                    axes.put(tag, value);
                }
            });
        } else {
            node.forEach(UpgradeFrom1::faces);
        }
    }

    private static void kinds(ObjectNode document) {
        document.path("fields").forEach(field -> {
            JsonNode value = field.path("value");
            String kind = value.isNumber() || value.isObject()
                    ? "number"
                    : value.isBoolean()
                            ? "switch"
                            : value.asString("").matches("#[0-9a-f]{6}([0-9a-f]{2})?") ? "colour" : "text";
            ((ObjectNode) field).put("kind", kind);
        });
    }

    /** {id, text, colour} becomes a value for the words and one for the colour. */
    private static void changes(ObjectNode document) {
        document.path("scenes")
                .forEach(scene -> scene.path("blocks").forEach(block -> {
                    changes(document, block.path("fill"));
                    changes(document, block.path("setting").path("fill"));
                }));
    }

    private static void changes(ObjectNode document, JsonNode fill) {
        if (!fill.path("kind").asString("").equals("scene") || !(fill.get("changes") instanceof ArrayNode old)) {
            return;
        }
        ArrayNode filled = old.arrayNode();
        for (JsonNode change : old) {
            String id = change.path("id").asString("");
            if (change.path("text").isString()) {
                filled.add(filling(old, id, "text").set("value", change.get("text")));
            }
            if (change.path("colour").isString()) {
                boolean words = isText(document, fill.path("scene").asString(""), id);
                ObjectNode colour = words ? filling(old, id, "setting", "fill") : filling(old, id, "fill");
                colour.putObject("value").put("kind", "solid").set("colour", change.get("colour"));
                filled.add(colour);
            }
        }
        ((ObjectNode) fill).set("changes", filled);
    }

    private static ObjectNode filling(ArrayNode maker, String block, String... path) {
        ObjectNode filling = maker.objectNode();
        String id = block + "." + String.join(".", path);
        filling.put("id", id.length() > 64 ? id.substring(id.length() - 64) : id)
                .put("block", block);
        ArrayNode steps = filling.putArray("path");
        for (String step : path) {
            steps.add(step);
        }
        return filling;
    }

    private static boolean isText(ObjectNode document, String scene, String block) {
        for (JsonNode one : document.path("scenes")) {
            for (JsonNode candidate : one.path("blocks")) {
                if (one.path("id").asString("").equals(scene)
                        && candidate.path("id").asString("").equals(block)) {
                    return candidate.path("kind").asString("").equals("text");
                }
            }
        }
        return false;
    }

    /** Blocks of later scenes whose id was taken get another; takes keep those of their scene. */
    private static void ownIds(ObjectNode document) {
        Set<String> scenes = new HashSet<>();
        document.path("scenes").forEach(scene -> scenes.add(scene.path("id").asString("")));
        Set<String> taken = new HashSet<>();
        Map<String, Map<String, String>> renamed = new HashMap<>();
        document.path("scenes").forEach(scene -> {
            if (!isTake(scene, scenes)) {
                Map<String, String> names = new HashMap<>();
                scene.path("blocks").forEach(block -> {
                    String id = block.path("id").asString("");
                    names.put(id, free(id, taken));
                });
                renamed.put(scene.path("id").asString(""), names);
            }
        });
        document.path("scenes").forEach(scene -> {
            String own = isTake(scene, scenes) ? "takeOf" : "id";
            BlockReferences.rename(
                    (ObjectNode) scene, renamed.getOrDefault(scene.path(own).asString(""), Map.of()));
            renamed.forEach((id, names) -> BlockReferences.renameChanges((ObjectNode) scene, id, names));
        });
    }

    private static boolean isTake(JsonNode scene, Set<String> scenes) {
        return scenes.contains(scene.path("takeOf").asString(""));
    }

    private static String free(String id, Set<String> taken) {
        String free = id;
        String stem = id.length() > 58 ? id.substring(0, 58) : id;
        for (int number = 2; taken.contains(free); number++) {
            free = stem + "-" + number;
        }
        taken.add(free);
        return free;
    }
}
