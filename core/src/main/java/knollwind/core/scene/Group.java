package knollwind.core.scene;

import java.util.List;

/**
 * Blocks that are moved in time as one.
 *
 * @param blocks ids; those of blocks that are gone are passed over
 */
public record Group(String id, String name, List<String> blocks) {
    public Group {
        Check.id(id, "a group");
        Check.text(name, 60, "the name of a group");
        blocks = Check.list(blocks);
        if (blocks.isEmpty()) {
            throw new IllegalArgumentException("a group needs at least one block");
        }
        blocks.forEach(block -> Check.id(block, "a block of a group"));
    }
}
