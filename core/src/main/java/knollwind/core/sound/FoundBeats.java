package knollwind.core.sound;

import java.util.List;

/**
 * The beats that were heard in a recording.
 *
 * @param perMinute the steady tempo that fits them best
 * @param first seconds of the first bar's first beat by that tempo; the first one in the recording
 * @param perBar beats in a bar, as far as the low sounds tell: 3 or 4
 * @param steady whether one tempo fits: half of the beats lie within {@value BeatFinder#STEADY_MS} ms of it
 * @param also tempos at which the same could be counted: half or double
 * @param beats seconds of each, in order
 * @param downbeats those that begin bars
 */
public record FoundBeats(
        double perMinute,
        double first,
        int perBar,
        boolean steady,
        List<Double> also,
        List<Double> beats,
        List<Double> downbeats) {}
