package knollwind.core.dressing;

/**
 * How often what is seen may be dealt anew: so seldom that no place in the frame can flash more than three times in a second, each a change
 * there and back (WCAG 2.2, 2.3.1).
 */
final class Deals {
    /** Of a second. */
    private static final int MOST = 6;

    /** The first deal of a leave: far from all before it. */
    private static final int LEAVE = 1 << 20;

    static final String NOTE =
            "Whatever is said, it is dealt anew at most " + MOST + " times a second, so that nothing flashes.";

    private Deals() {}

    /** Frames that a deal stands. */
    static int frames(Wearer wearer, double asked) {
        return (int) Math.max(Math.rint(asked), Math.ceil(wearer.perSecond() / MOST));
    }

    /** The number of the deal that stands; 0 where it is never dealt anew. */
    static int now(Wearer wearer, double asked) {
        return asked == 0 ? 0 : at(wearer, frames(wearer, asked));
    }

    /**
     * The number of the deal that stands where each stands so many frames, and the last before the leave as much longer as is left: the
     * frames of arrival and leave stay what they are when the block rests for longer.
     */
    static int at(Wearer wearer, int frames) {
        int leaves = wearer.leaves();
        return wearer.since() >= leaves
                ? LEAVE + (wearer.since() - leaves) / frames
                : Math.min(Math.floorDiv(wearer.since(), frames), Math.max(0, leaves / frames - 1));
    }
}
