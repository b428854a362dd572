package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.library.Beginning;
import knollwind.core.scene.Block;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Scene;

/**
 * What a scene begins with. Blocks without words that stand there make room for it; a scene that holds nothing else becomes as long as
 * it needs.
 */
public record Begin(String scene, Beginning with) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        String at = "scenes/" + scene;
        List<Operation> operations = new ArrayList<>();
        List<Block> blank = open.blocks().stream()
                .filter(block ->
                        block.asWords().filter(words -> words.text().isBlank()).isPresent())
                .toList();
        blank.forEach(block -> operations.add(new Operation.Remove(at + "/blocks/" + block.id())));
        boolean empty = blank.size() == open.blocks().size();
        int length = empty ? Math.max(open.length(), with.length(open.rate())) : open.length();
        if (length > open.length()) {
            operations.add(new Operation.Set(at + "/length", DocumentJson.tree(length)));
        }
        FrameFit base = FrameFit.of(open, open.formats().get(0));
        List<Block> blocks = with.blocks(
                open.rate(),
                length,
                base.width(),
                base.height(),
                Readable.on(open.background()),
                Ids.ofBlocks(draft.scenes())::free);
        for (Block block : blocks) {
            operations.add(new Operation.Insert(at + "/blocks", Integer.MAX_VALUE, DocumentJson.blockTree(block)));
        }
        String chosen = blocks.stream()
                .filter(block -> block.asWords().isPresent())
                .map(Block::id)
                .findFirst()
                .orElse("");
        return new Outcome(operations, "", chosen, "");
    }
}
