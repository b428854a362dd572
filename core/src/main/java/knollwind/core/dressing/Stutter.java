package knollwind.core.dressing;

/**
 * When the letters of a sign are lit: they are switched on at odd moments, flash before they stay, fail, or go out for a moment now and
 * then. In every two seconds all that happens but the staying on happens in the first: so no letter changes more than five times in any
 * second, which are fewer than three flashes (WCAG 2.2, 2.3.1).
 */
final class Stutter {
    /** Flashes of a letter in two seconds. */
    private static final int FLASHES = 2;

    /** Of the time of switching on, when the first letter may stay on. */
    private static final double EARLIEST = 0.35;

    /** How likely a letter that is not on yet flashes where it could. */
    private static final double OFTEN = 0.7;

    /** Frames of the longest flash or failure, at 24 in a second. */
    private static final double LONGEST = 4 / 24.0;

    private final Noise noise;
    /** Frames of two seconds, and of the part of it in which letters flash. */
    private final int round;

    private final int busy;
    private final int longest;
    private final double over;
    private final double flickering;
    private final double failing;
    private final boolean together;

    /**
     * @param over frames until all are on
     * @param flickering of the letters, 0 to 1, how many go out for a moment in two seconds
     * @param failing of the letters, 0 to 1, how many never stay on
     * @param together whether all letters do the same
     */
    Stutter(int seed, double perSecond, double over, double flickering, double failing, boolean together) {
        this.noise = new Noise(seed);
        this.round = (int) Math.ceil(2 * perSecond);
        this.busy = (int) Math.floor(perSecond);
        this.longest = (int) Math.max(1, Math.rint(LONGEST * perSecond));
        this.over = over;
        this.flickering = flickering;
        this.failing = failing;
        this.together = together;
    }

    /**
     * Whether a letter is lit.
     *
     * @param since whole frames since the block came on
     * @param leaves such frames until it begins to leave: those that are on by then stay, and those that fail are out
     */
    boolean isLit(int letter, int since, int leaves) {
        int own = together ? 0 : letter;
        int frame = Math.max(0, since);
        boolean fails = !together && noise.dealt(own, -1) < failing;
        int stays = over == 0 ? 0 : (int) Math.ceil(over * (together ? 1 : late(own)));
        int slot = frame / round;
        if (frame >= leaves && frame >= stays) {
            return !fails;
        }
        if (fails || frame < stays) {
            return flashes(own, slot, frame % round, OFTEN);
        }
        // Not in the two seconds in which it came on: it changes there already.
        return slot <= stays / round && stays > 0 || !flashes(own, slot, frame % round, flickering);
    }

    private double late(int letter) {
        return EARLIEST + (1 - EARLIEST) * noise.dealt(letter, -2);
    }

    /** Whether a letter is other than it was before at a frame of two seconds. */
    private boolean flashes(int letter, int slot, int frame, double often) {
        int part = busy / FLASHES;
        int which = frame / Math.max(1, part);
        if (which >= FLASHES || noise.dealt(letter, 16 * slot + which) >= often) {
            return false;
        }
        int length = 1 + (int) (noise.dealt(letter, 16 * slot + 4 + which) * Math.min(longest, part / 2.0));
        // One frame is left between two.
        int begin = (int) (noise.dealt(letter, 16 * slot + 8 + which) * Math.max(1, part - length - 1));
        int inside = frame - which * part;
        return inside >= begin && inside < begin + length;
    }
}
