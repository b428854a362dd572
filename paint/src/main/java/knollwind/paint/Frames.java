package knollwind.paint;

/**
 * A run of frames.
 *
 * @param from first frame, from 0
 * @param to frame after the last
 */
public record Frames(int from, int to) {
    public Frames {
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "frames " + from + " to " + to + " are none; the first is 0 or later, and the end lies after it");
        }
    }

    /** How many they are. */
    public int count() {
        return to - from;
    }

    /**
     * Itself.
     *
     * @param length how many frames there are
     * @throws IllegalArgumentException where some of them are not among these
     */
    public Frames within(int length) {
        if (to > length) {
            throw new IllegalArgumentException("frames " + from + " to " + to
                    + " are not inside the scene or film, which has frames 0 to " + length);
        }
        return this;
    }
}
