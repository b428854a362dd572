package knollwind.core.scene;

/**
 * What a moment of a block's time hangs on: a cue, or a moment of another block, and how many frames after it.
 *
 * @param cue id; null when it hangs on a block
 * @param block id; null when it hangs on a cue
 * @param edge of the other block; null when it hangs on a cue
 * @param offset frames after that moment, negative before it
 */
public record TimeLink(String cue, String block, BlockEdge edge, double offset) {
    public TimeLink {
        if ((cue == null) == (block == null)) {
            throw new IllegalArgumentException("a moment hangs on a cue or on another block");
        }
        if (cue != null) {
            Check.id(cue, "the cue that a moment hangs on");
        } else {
            Check.id(block, "the block that a moment hangs on");
            edge = edge == null ? BlockEdge.START : edge;
        }
        Check.range(offset, -1_000_000, 1_000_000, "the offset of a moment");
    }

    public static TimeLink onCue(String cue, double offset) {
        return new TimeLink(cue, null, null, offset);
    }

    public static TimeLink onBlock(String block, BlockEdge edge, double offset) {
        return new TimeLink(null, block, edge, offset);
    }
}
