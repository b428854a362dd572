package knollwind.server.draft;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentException;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Block;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Table;
import knollwind.core.scene.Voice;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads documents of which most has been read before: a changed document shares with the one it came from all nodes that
 * stayed as they were, and what was read from those is taken again. Keys are the nodes themselves, not their contents, and
 * are let go with their documents.
 */
final class Readings {
    private final Cache<JsonNode, Scene> scenes =
            Caffeine.newBuilder().weakKeys().build();
    private final Cache<JsonNode, Block> blocks =
            Caffeine.newBuilder().weakKeys().build();
    private final Cache<JsonNode, Voice> voices =
            Caffeine.newBuilder().weakKeys().build();
    private final Cache<JsonNode, Table> tables =
            Caffeine.newBuilder().weakKeys().build();
    private final Cache<JsonNode, Captions> captions =
            Caffeine.newBuilder().weakKeys().build();

    /**
     * The project in the tree.
     *
     * @throws DocumentException with the place of the fault when it is none
     */
    Project read(JsonNode tree) {
        if (!(tree.path("scenes") instanceof ArrayNode list)) {
            return DocumentJson.read(tree);
        }
        try {
            List<Scene> read = new ArrayList<>();
            list.forEach(scene -> read.add(scenes.get(scene, this::scene)));
            List<Voice> said = new ArrayList<>();
            tree.path("voices")
                    .forEach(voice -> said.add(voices.get(voice, one -> DocumentJson.read(one, Voice.class))));
            JsonNode rows = tree.path("table");
            Table table = rows.isObject() ? tables.get(rows, one -> DocumentJson.read(one, Table.class)) : null;
            return DocumentJson.read(without(without(without(tree, "scenes"), "voices"), "table"))
                    .with(project -> project.scenes(read).voices(said).table(table));
        } catch (DocumentException | ClassCastException unreadable) {
            // Read whole, so that the fault is told with its whole path.
            return DocumentJson.read(tree);
        }
    }

    private Scene scene(JsonNode tree) {
        List<Block> read = new ArrayList<>();
        tree.path("blocks").forEach(block -> read.add(blocks.get(block, one -> DocumentJson.read(one, Block.class))));
        JsonNode row = tree.path("captions");
        Scene scene = DocumentJson.read(without(without(tree, "blocks"), "captions"), Scene.class);
        return scene.with(one -> one.blocks(read)
                .captions(row.isObject() ? captions.get(row, node -> DocumentJson.read(node, Captions.class)) : null));
    }

    private static ObjectNode without(JsonNode tree, String name) {
        ObjectNode rest = ((ObjectNode) tree).objectNode().setAll((ObjectNode) tree);
        rest.remove(name);
        return rest;
    }
}
