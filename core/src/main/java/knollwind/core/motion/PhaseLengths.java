package knollwind.core.motion;

/**
 * How long a block arrives and leaves if it is given the time.
 *
 * @param arrive frames of the moves that say how long they take
 * @param leave frames of the moves that say how long they take
 * @param arriveFills whether a way in takes all the time that the block has for it
 * @param leaveFills the same of a way out
 */
public record PhaseLengths(double arrive, double leave, boolean arriveFills, boolean leaveFills) {
    public static PhaseLengths of(double arrive, double leave) {
        return new PhaseLengths(arrive, leave, false, false);
    }

    /** In a block that is on for so many frames: what fills has what the other phase leaves, half of it all where both do. */
    PhaseLengths in(double frames) {
        boolean both = arriveFills && leaveFills;
        double in = both ? frames / 2 : frames - leave;
        double out = both ? frames / 2 : frames - arrive;
        return of(arriveFills ? Math.max(arrive, in) : arrive, leaveFills ? Math.max(leave, out) : leave);
    }
}
