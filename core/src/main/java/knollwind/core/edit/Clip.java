package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentException;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.document.Upgrades;
import knollwind.core.frame.BlockScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Blocks on their way to another place: a document of one scene that holds them alone, as readable JSON. What they had of blocks and
 * cues that do not come along has become their own.
 */
public final class Clip {
    /** Characters that are read: a scene of some thousand blocks. */
    private static final int LONGEST = 20_000_000;

    private static final String NAME = "clip";

    private Clip() {}

    /**
     * Blocks of a scene as text.
     *
     * @throws IllegalArgumentException when none of them is in the scene
     */
    public static String of(Draft draft, String scene, List<String> blocks) {
        Scene open = draft.scene(scene);
        List<Block> chosen = open.blocks().stream()
                .filter(block -> blocks.contains(block.id()))
                .toList();
        if (chosen.isEmpty()) {
            throw new IllegalArgumentException("choose the blocks that are to be copied");
        }
        Map<String, BlockScore> scores = draft.scores(open, open.formats().get(0));
        Loosened loosened = new Loosened(id -> !blocks.contains(id), cue -> true, () -> scores);
        List<Operation> operations = new ArrayList<>();
        for (Block block : chosen) {
            String at = BlockPath.of(scene, block.id());
            BlockScore score = scores.get(block.id());
            if (score != null) {
                // What goes on hanging on others of them has its present times too: they tell where it all begins.
                operations.add(new Operation.Set(
                        at + "/span", DocumentJson.tree(Loosened.present(block.span(), score.timing()))));
            }
            operations.addAll(loosened.inAll(block, at));
        }
        ObjectNode document = Nodes.object()
                .put("documentVersion", Project.DOCUMENT_VERSION)
                .put("engineVersion", draft.project().engineVersion())
                .put("id", NAME)
                .put("name", "Blocks");
        document.putArray("scenes").add(draft.copy(scene));
        document = (ObjectNode) new Patch(operations).apply(document).document();
        ObjectNode alone = (ObjectNode) document.path("scenes").get(0);
        List.of("crossing", "takeOf", "hold", "camera", "cues", "groups", "sounds")
                .forEach(alone::remove);
        keep((ArrayNode) alone.path("blocks"), "id", blocks);
        Nodes.each(alone.path("formats"), format -> keep(Nodes.list(format, "overrides"), "block", blocks));
        return document.toPrettyString();
    }

    static void keep(ArrayNode list, String name, Collection<String> ids) {
        for (int i = list.size() - 1; i >= 0; i--) {
            if (!ids.contains(list.get(i).path(name).asString(""))) {
                list.remove(i);
            }
        }
    }

    /** Whether text means to be one: any other text is words. */
    static boolean isOne(String text) {
        return text.stripLeading().startsWith("{") && text.contains("\"documentVersion\"");
    }

    /**
     * The scene that text holds, checked as a document is.
     *
     * @throws IllegalArgumentException when there are no blocks in it
     */
    static ObjectNode read(String text) {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "what was copied has more than " + LONGEST / 1_000_000 + " million characters; paste fewer blocks");
        }
        JsonNode document;
        try {
            document = Upgrades.upgraded(DocumentJson.tree(text));
            DocumentJson.read(document);
        } catch (DocumentException e) {
            throw new IllegalArgumentException("what was copied cannot be read as blocks: " + e.getMessage(), e);
        }
        JsonNode scene = document.path("scenes").path(0);
        if (scene.path("blocks").isEmpty()) {
            throw new IllegalArgumentException("what was copied holds no blocks");
        }
        return (ObjectNode) scene;
    }
}
