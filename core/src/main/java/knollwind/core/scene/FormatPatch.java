package knollwind.core.scene;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A scene as one of its formats shows it: base values, changed where the format overrides them. */
public final class FormatPatch {
    private FormatPatch() {}

    /**
     * The blocks of the scene with the format's overrides in place. An override whose block or path is gone is passed
     * over: what it changed no longer exists.
     */
    public static List<Block> resolve(Scene scene, Format format) {
        List<Block> blocks = new ArrayList<>();
        for (Block block : scene.blocks()) {
            List<FormatOverride> overrides = format.overrides().stream()
                    .filter(override -> override.block().equals(block.id()))
                    .toList();
            blocks.add(overrides.isEmpty() ? block : resolve(block, overrides));
        }
        return blocks;
    }

    private static Block resolve(Block block, List<FormatOverride> overrides) {
        ObjectNode tree = (ObjectNode) DocumentJson.MAPPER
                .writerFor(Block.class)
                .writeValueAsString(block)
                .transform(DocumentJson::tree);
        for (FormatOverride override : overrides) {
            set(tree, override);
        }
        return DocumentJson.read(tree, Block.class);
    }

    private static void set(ObjectNode tree, FormatOverride override) {
        List<String> path = override.path();
        JsonNode parent;
        try {
            parent = Patch.find(tree, String.join("/", path.subList(0, path.size() - 1)));
        } catch (IllegalArgumentException gone) {
            return;
        }
        String last = path.get(path.size() - 1);
        if (parent instanceof ObjectNode object) {
            if (override.value().isNull()) {
                object.remove(last);
            } else {
                object.set(last, override.value().deepCopy());
            }
        } else if (parent instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                if (last.equals(list.get(i).path("id").asString(null))) {
                    list.set(i, override.value().deepCopy());
                }
            }
        }
    }
}
