package knollwind.core.scene;

/**
 * What a moment of a block's time hangs on: a cue or a spoken word, or a moment of another block, and how many frames after it.
 *
 * @param cue id of a cue, or of a spoken word ({@link NamedTimes}); null when it hangs on a block
 * @param block id; null when it hangs on a cue or a word
 * @param edge of the other block; start or end of a word, null for a cue
 * @param offset frames after that moment, negative before it
 */
public record TimeLink(String cue, String block, BlockEdge edge, double offset) {
    public TimeLink {
        if ((cue == null) == (block == null)) {
            throw new IllegalArgumentException("a moment hangs on a cue or on another block");
        }
        if (cue != null) {
            Check.id(cue, "the cue that a moment hangs on");
            if (edge == BlockEdge.LANDED || edge == BlockEdge.LEAVING) {
                throw new IllegalArgumentException("a moment hangs on the start or on the end of a word");
            }
        } else {
            Check.id(block, "the block that a moment hangs on");
            edge = edge == null ? BlockEdge.START : edge;
        }
        Check.range(offset, -1_000_000, 1_000_000, "the offset of a moment");
    }

    public static TimeLink onCue(String cue, double offset) {
        return new TimeLink(cue, null, null, offset);
    }

    /** @param end whether it hangs on the end of the word instead of on its start */
    public static TimeLink onWord(String word, boolean end, double offset) {
        return new TimeLink(word, null, end ? BlockEdge.END : null, offset);
    }

    public static TimeLink onBlock(String block, BlockEdge edge, double offset) {
        return new TimeLink(null, block, edge, offset);
    }
}
