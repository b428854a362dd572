package knollwind.core.scene;

import java.util.List;

/**
 * How other blocks make room as a block arrives: all of them move, grow and turn about the middle of the frame as one, and
 * stay there. What is attached to them or lies behind them goes along.
 *
 * @param blocks ids of those that make room
 * @param x px of the base frame to the right
 * @param y px of the base frame down
 * @param scale factor, above 0
 * @param rotation degrees clockwise
 * @param frames how long it takes from the block's start, above 0
 * @param easing as for moves
 */
public record MakeRoom(
        List<String> blocks, Double x, Double y, Double scale, Double rotation, Double frames, String easing) {
    /** Three quarters of a second at 24 frames: as long as a word needs to step aside without hurry. */
    private static final double USUAL_FRAMES = 18;

    public MakeRoom {
        blocks = Check.list(blocks);
        for (String id : blocks) {
            Check.id(id, "a block that makes room");
        }
        x = x == null ? Double.valueOf(0) : x;
        y = y == null ? Double.valueOf(0) : y;
        rotation = rotation == null ? Double.valueOf(0) : rotation;
        Check.range(x, -100_000, 100_000, "how far blocks make room");
        Check.range(y, -100_000, 100_000, "how far blocks make room");
        scale = scale == null ? Double.valueOf(1) : scale;
        Check.range(scale, 0.01, 100, "the scale of making room");
        Check.range(rotation, -3600, 3600, "the turn of making room");
        frames = frames == null ? Double.valueOf(USUAL_FRAMES) : frames;
        Check.range(frames, 1e-3, 1_000_000, "the time of making room");
        easing = easing == null ? NamedEasings.GENTLY : Check.text(easing, 2000, "an easing");
    }
}
