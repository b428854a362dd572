package knollwind.core.sound;

import java.util.List;
import knollwind.core.scene.Loudness.Band;

/**
 * How music is cut at its bars, or goes over some of them again, so that its own end comes as near before an end as whole bars allow.
 *
 * @param leave second of the recording at which its first part breaks off
 * @param enter second at which it goes on from there; before {@code leave} where bars are gone over again
 */
public record BarFit(double leave, double enter) {
    /** Seconds by which an end may be missed without being heard. */
    private static final double NEAR = 0.02;

    /** Seconds between the moments at which two places are compared. */
    private static final double STEP = 0.05;

    /**
     * The cut at which what comes after sounds most like what would have come: compared are the bands' loudness, a bar before and a bar after.
     *
     * @param from where the part that is heard begins, seconds of the recording
     * @param to where it ends
     * @param room seconds from where it begins to be heard to the end that it shall fit
     * @throws IllegalArgumentException with the reason where it fits already, or cannot be made to
     */
    public static BarFit of(FoundBeats beats, Envelope envelope, double from, double to, double room) {
        double bar = 60 / beats.perMinute() * beats.perBar();
        double surplus = to - from - room;
        int bars = surplus > 0 ? (int) Math.ceil((surplus - NEAR) / bar) : -(int) Math.floor((NEAR - surplus) / bar);
        if (bars == 0) {
            throw new IllegalArgumentException("it ends less than a bar before the picture does already");
        }
        List<Double> begins = beats.downbeats().stream()
                .filter(second -> second >= from + bar - NEAR && second <= to - bar + NEAR)
                .toList();
        int apart = Math.abs(bars);
        BarFit best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + apart < begins.size(); i++) {
            double early = begins.get(i);
            double late = begins.get(i + apart);
            BarFit cut = bars > 0 ? new BarFit(early, late) : new BarFit(late, early);
            double unlike = unlike(envelope, early, late, bar);
            if (unlike < least) {
                least = unlike;
                best = cut;
            }
        }
        if (best == null) {
            throw new IllegalArgumentException(
                    bars > 0
                            ? "it has too few bars to leave out " + apart + " between its first and its last"
                            : "it has too few bars to go over " + apart + " of them again");
        }
        return best;
    }

    private static double unlike(Envelope envelope, double one, double other, double bar) {
        double sum = 0;
        for (double after = -bar; after < bar; after += STEP) {
            for (Band band : Band.values()) {
                double difference = envelope.loudest(band, one + after, one + after + STEP)
                        - envelope.loudest(band, other + after, other + after + STEP);
                sum += Math.abs(difference);
            }
        }
        return sum;
    }
}
