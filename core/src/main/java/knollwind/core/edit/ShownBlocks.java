package knollwind.core.edit;

import java.util.List;
import java.util.Optional;
import knollwind.core.filling.Filler;
import knollwind.core.frame.BlockScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/** The blocks of the open scene as the format that is looked at shows them. */
record ShownBlocks(Draft draft, Scene scene, Format format, List<Block> blocks) {
    static ShownBlocks of(Draft draft, Looking looking) {
        Scene scene = draft.scene(looking.scene());
        Format format = looking.format().isEmpty() ? scene.formats().get(0) : scene.format(looking.format());
        return new ShownBlocks(draft, scene, format, Filler.blocks(scene, format));
    }

    /** The block that a path leads into; nothing where that is in another scene. */
    Optional<Block> block(BlockPath path) {
        return blocks.stream()
                .filter(one -> path.scene().equals(scene.id()) && one.id().equals(path.block()))
                .findFirst();
    }

    /** Its score; null where it is never on. */
    BlockScore score(BlockPath path) {
        return draft.scores(scene, format).get(path.block());
    }
}
