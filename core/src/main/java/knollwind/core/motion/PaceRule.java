package knollwind.core.motion;

import knollwind.core.scene.Pace;

/**
 * A pace worked out for a number of ranks: T = d + s(R − 1).
 *
 * @param each frames of one unit's bar, d
 * @param apart frames from one rank's start to the next, s
 * @param inAll frames from the first start to the last end, T
 * @param squeezed true when the held values did not fit each other and one gave way
 */
public record PaceRule(double each, double apart, double inAll, boolean squeezed) {
    /**
     * Works out the value that is not held.
     *
     * <ul>
     *   <li>in all shorter than each: each gives way, nothing is apart;
     *   <li>apart times (ranks − 1) not shorter than in all: each becomes one frame (or in all, if that is shorter), apart
     *       gives way;
     *   <li>one rank: nothing is apart; the bar is each, or in all where each is not held.
     * </ul>
     *
     * @param ranks 1 or more
     */
    public static PaceRule of(Pace pace, int ranks) {
        return of(pace, ranks, pace.inAll());
    }

    /**
     * The same for a pace that takes its whole time: its own bars and gaps as far as they are held, in their proportion where both
     * are; a single bar takes all of it.
     *
     * @param time frames from the first start to the last end, above 0
     */
    static PaceRule filling(Pace pace, int ranks, double time) {
        if (ranks == 1) {
            return new PaceRule(time, 0, time, false);
        }
        if (pace.held() != Pace.Held.EACH_APART) {
            return of(pace, ranks, time);
        }
        PaceRule own = of(pace, ranks, 0);
        double stretch = time / own.inAll;
        return new PaceRule(own.each * stretch, own.apart * stretch, time, false);
    }

    private static PaceRule of(Pace pace, int ranks, double inAll) {
        if (ranks < 1) {
            throw new IllegalArgumentException("a pace needs at least one rank, not " + ranks);
        }
        int gaps = ranks - 1;
        return switch (pace.held()) {
            case EACH_APART ->
                new PaceRule(pace.each(), gaps == 0 ? 0 : pace.apart(), pace.each() + pace.apart() * gaps, false);
            case EACH_IN_ALL -> {
                if (inAll < pace.each()) {
                    yield new PaceRule(inAll, 0, inAll, true);
                }
                yield gaps == 0
                        ? new PaceRule(pace.each(), 0, pace.each(), false)
                        : new PaceRule(pace.each(), (inAll - pace.each()) / gaps, inAll, false);
            }
            case APART_IN_ALL -> {
                double each = inAll - pace.apart() * gaps;
                if (each > 0) {
                    yield new PaceRule(each, gaps == 0 ? 0 : pace.apart(), inAll, false);
                }
                double squeezed = Math.min(1, inAll);
                yield new PaceRule(squeezed, (inAll - squeezed) / gaps, inAll, true);
            }
        };
    }

    /** What spaces the starts of so many ranks: the pace's spread, or a rhythm of its own. */
    static Easing spread(Pace pace, int ranks) {
        return pace.human() == null ? Easings.read(pace.spread()) : new Rhythm(pace.human(), ranks);
    }

    /** Frames from the first start to that of a rank: (T − d) · E(r / (R − 1)). */
    double offset(int rank, int ranks, Easing spread) {
        if (ranks <= 1 || rank < 0) {
            return 0;
        }
        double part = (double) rank / (ranks - 1);
        // E is held between 0 and 1, so that no bar leaves the whole.
        return (inAll - each) * Math.max(0, Math.min(1, spread.at(part)));
    }
}
