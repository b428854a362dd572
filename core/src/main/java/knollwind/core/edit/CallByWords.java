package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import tools.jackson.databind.node.StringNode;

/**
 * Calls a block by the words that have been typed into it, as long as nobody has given it a name.
 *
 * @param before the words that it held before
 */
public record CallByWords(String scene, String block, String before) implements Intent {
    /** What the first words of a scene are called until they are written. */
    public static final String UNWRITTEN = NewBlock.WORDS + " 1";

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block called = Nodes.blockOf(open, block);
        String words = called.asWords().map(TextBlock::text).orElse("");
        boolean ownName = !called.name().matches(NewBlock.NUMBERED_WORDS)
                && !called.name().equals(Called.by(before == null ? "" : before));
        if (words.isBlank() || ownName) {
            return Outcome.of(List.of(), "");
        }
        Ids taken = new Ids(open.blocks().stream()
                .filter(other -> other != called)
                .map(Block::name)
                .toList());
        String name = taken.free(Called.by(words), " ");
        return Outcome.of(
                name.equals(called.name())
                        ? List.of()
                        : List.of(new Operation.Set(BlockPath.of(scene, block) + "/name", StringNode.valueOf(name))),
                "");
    }
}
