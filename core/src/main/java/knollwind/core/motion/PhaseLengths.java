package knollwind.core.motion;

import java.util.function.DoubleUnaryOperator;

/**
 * How long a block arrives and leaves if it is given the time.
 *
 * @param arrive frames of the moves that say how long they take
 * @param leave frames of the moves that say how long they take
 * @param arriveFills whether a way in takes all the time that the block has for it
 * @param leaveFills the same of a way out
 * @param landsAt for a scene frame at which the block begins, that at which its last piece lands that is called from outside; null
 *     where none is
 */
public record PhaseLengths(
        double arrive, double leave, boolean arriveFills, boolean leaveFills, DoubleUnaryOperator landsAt) {
    public static PhaseLengths of(double arrive, double leave) {
        return new PhaseLengths(arrive, leave, false, false, null);
    }

    /** Whether pieces are called from outside, so that only the leave gives way. */
    boolean called() {
        return landsAt != null;
    }

    /** In a block that is on for so many frames: what fills has what the other phase leaves, half of it all where both do. */
    PhaseLengths in(double frames) {
        boolean both = arriveFills && leaveFills;
        double in = both ? frames / 2 : frames - leave;
        double out = both ? frames / 2 : frames - arrive;
        return new PhaseLengths(
                arriveFills ? Math.max(arrive, in) : arrive,
                leaveFills ? Math.max(leave, out) : leave,
                false,
                false,
                landsAt);
    }
}
