package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/**
 * Takes blocks out of a scene, with what formats show of them otherwise; those that are locked stay. What hung on them in time or place
 * stays where it is now.
 */
public record RemoveBlocks(String scene, List<String> blocks) implements Intent {
    public RemoveBlocks {
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        List<String> gone = open.blocks().stream()
                .filter(block -> blocks.contains(block.id()) && block.locked() == null)
                .map(Block::id)
                .toList();
        Loosened loosened = new Loosened(
                gone::contains,
                cue -> false,
                () -> draft.scores(open, open.formats().get(0)));
        List<Operation> operations = new ArrayList<>();
        for (Block block : open.blocks()) {
            if (!gone.contains(block.id())) {
                operations.addAll(loosened.inTimeAndPlace(block, BlockPath.of(scene, block.id())));
            }
        }
        for (Format format : open.formats()) {
            format.overrides().stream()
                    .filter(one -> gone.contains(one.block()))
                    .map(one -> new Operation.Remove(
                            "scenes/" + scene + "/formats/" + format.id() + "/overrides/" + one.id()))
                    .forEach(operations::add);
        }
        gone.stream().map(id -> new Operation.Remove(BlockPath.of(scene, id))).forEach(operations::add);
        return Outcome.of(operations, "");
    }
}
