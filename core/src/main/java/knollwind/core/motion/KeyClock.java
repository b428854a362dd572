package knollwind.core.motion;

import knollwind.core.scene.TrackKey;

/**
 * How the times of a block's keys that count from the same moment become frames of the scene: the frame is {@code zero} plus the key's
 * time multiplied by {@code unit}.
 *
 * @param zero frame of a key at 0
 * @param unit frames for one of the key's time; 0 where nothing lies between arriving and leaving
 * @param least of a key's time that can be set
 * @param most of a key's time that can be set
 */
public record KeyClock(double zero, double unit, double least, double most) {
    /** Frames beyond which no key is set; one may lie outside its block, in time that is not seen. */
    private static final double FAR = 1_000_000;

    /**
     * The clocks of a block.
     *
     * @param start frames after its start
     * @param end frames before its end
     * @param hold shares of the time between its last arrival and its first leaving
     */
    public record Clocks(KeyClock start, KeyClock end, KeyClock hold) {
        public static Clocks of(BlockTiming block) {
            return new Clocks(
                    KeyClock.of(TrackKey.Anchor.START, block),
                    KeyClock.of(TrackKey.Anchor.END, block),
                    KeyClock.of(TrackKey.Anchor.HOLD, block));
        }
    }

    static KeyClock of(TrackKey.Anchor anchor, BlockTiming block) {
        return switch (anchor) {
            case START -> new KeyClock(block.start(), 1, -FAR, FAR);
            case END -> new KeyClock(block.end(), -1, -FAR, FAR);
            case HOLD -> new KeyClock(block.arriveEnd(), block.leaveStart() - block.arriveEnd(), 0, 1);
        };
    }

    /** The scene frame of a key. */
    double frame(double at) {
        return zero + at * unit;
    }
}
