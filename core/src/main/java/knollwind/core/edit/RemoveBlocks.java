package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/** Takes blocks out of a scene, with what formats show of them otherwise. What hung on them in time or place stays where it is now. */
public record RemoveBlocks(String scene, List<String> blocks) implements Intent {
    public RemoveBlocks {
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Loosened loosened = new Loosened(
                blocks::contains,
                cue -> false,
                () -> draft.scores(open, open.formats().get(0)));
        List<Operation> operations = new ArrayList<>();
        for (Block block : open.blocks()) {
            if (!blocks.contains(block.id())) {
                operations.addAll(loosened.inTimeAndPlace(block, BlockPath.of(scene, block.id())));
            }
        }
        for (Format format : open.formats()) {
            format.overrides().stream()
                    .filter(one -> blocks.contains(one.block()))
                    .map(one -> new Operation.Remove(
                            "scenes/" + scene + "/formats/" + format.id() + "/overrides/" + one.id()))
                    .forEach(operations::add);
        }
        open.blocks().stream()
                .map(Block::id)
                .filter(blocks::contains)
                .map(id -> new Operation.Remove(BlockPath.of(scene, id)))
                .forEach(operations::add);
        return Outcome.of(operations, "");
    }
}
