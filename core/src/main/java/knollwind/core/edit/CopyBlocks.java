package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.document.BlockReferences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Blocks of a scene once more, each right in front of itself and so many frames later. Copies that belong to each other go on
 * belonging to each other, and bring along what formats show otherwise.
 *
 * @param by frames; what would begin before the scene does begins with it
 */
public record CopyBlocks(String scene, List<String> blocks, double by) implements Intent {
    public CopyBlocks {
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Map<String, BlockTiming> times = draft.times(open);
        Ids ids = Ids.ofBlocks(draft.scenes());
        Map<String, String> names = new HashMap<>();
        open.blocks().stream()
                .map(Block::id)
                .filter(blocks::contains)
                .forEach(id -> names.put(id, ids.free(id.replaceAll("-\\d+$", ""))));
        // A scene of the copies alone, in which they are renamed together.
        ObjectNode copies = draft.copy(scene);
        List<Operation> operations = new ArrayList<>();
        Clip.keep((ArrayNode) copies.path("blocks"), "id", names.keySet());
        Nodes.each(
                copies.path("formats"), format -> Clip.keep(Nodes.list(format, "overrides"), "block", names.keySet()));
        BlockReferences.rename(copies, names);
        Ids blockNames = new Ids(open.blocks().stream().map(Block::name).toList());
        List<String> order = open.blocks().stream().map(Block::id).toList();
        int made = 0;
        for (Block block : open.blocks()) {
            String name = names.get(block.id());
            if (name == null) {
                continue;
            }
            ObjectNode own = (ObjectNode) Nodes.byId(copies.path("blocks"), name);
            // What is spoken of by its name needs one of its own.
            own.put("name", blockNames.free(block.name().replaceAll(" \\d+$", ""), " "));
            JsonNode copy = moved(own, times.get(block.id()));
            operations.add(
                    new Operation.Insert("scenes/" + scene + "/blocks", order.indexOf(block.id()) + 1 + made, copy));
            made++;
        }
        for (JsonNode format : copies.path("formats")) {
            String list = "scenes/" + scene + "/formats/" + Nodes.id(format) + "/overrides";
            format.path("overrides")
                    .forEach(value -> operations.add(new Operation.Insert(list, Integer.MAX_VALUE, value)));
        }
        return Outcome.of(operations, "");
    }

    private JsonNode moved(JsonNode copy, BlockTiming timing) {
        Block block = DocumentJson.read(copy, Block.class);
        String alone = "copy";
        ObjectNode root = Nodes.object();
        root.set(alone, copy);
        List<Operation> operations =
                TimeHandle.of(block.span(), timing, alone).move().to(by);
        return new Patch(operations).apply(root).document().get(alone);
    }
}
