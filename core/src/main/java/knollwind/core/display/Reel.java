package knollwind.core.display;

import java.util.List;

/**
 * The frames [from, to) of a scene in one format, block by block. Each different list is stored once; a stretch of rest
 * is one list.
 */
public record Reel(int width, int height, int from, int to, List<Row> rows) {
    /** The name of the track that lies behind all blocks; no block can have it. */
    public static final String BACKGROUND = "@background";

    /** The name of the track that lies over all others. */
    public static final String OVERLAY = "@overlay";

    /**
     * A block's frames.
     *
     * @param lists the different display lists
     * @param frames index into the lists by frame, -1 where the block shows nothing
     * @param bounds left, top, right, bottom by frame, in the frame's px; zeros where it shows nothing
     */
    public record Row(String block, List<DisplayList> lists, int[] frames, float[] bounds) {}
}
