package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How long units take and how far their starts lie apart, in frames. Two of the three values are held, the third follows
 * from {@code inAll = each + apart · (ranks − 1)}; the value that is not held is kept at 0. A pace that takes its whole time follows the
 * length of its block: where each and apart are held, their proportion is.
 *
 * @param each one unit's time, above 0 when held
 * @param apart from one rank's start to the next, 0 or more
 * @param inAll from the first start to the last end, above 0 when held
 * @param spread easing that spaces the starts, rising from 0 to 1; "linear" for even ones
 * @param meet whether bars begin or end together instead of all being equally long
 * @param human seed of a rhythm as of a hand that types, for the starts; null for an even one
 * @param whole whether {@code inAll} is all the time that the block has for the phase; it is kept at 0 then
 * @param times how often a unit moves within its bar, 1 to 100
 * @param moments from outside at which units have their turns; what the pace says of their gaps counts within a word then. Null for none
 */
@RecordBuilder
public record Pace(
        Held held,
        double each,
        double apart,
        double inAll,
        Boolean whole,
        String spread,
        Meet meet,
        Integer times,
        Long human,
        Moments moments)
        implements PaceBuilder.With {
    /** Which two values are held. */
    public enum Held {
        @JsonProperty("eachApart")
        EACH_APART,
        @JsonProperty("eachInAll")
        EACH_IN_ALL,
        @JsonProperty("apartInAll")
        APART_IN_ALL
    }

    /** What the bars of all units share. */
    public enum Meet {
        /** Their length. */
        @JsonProperty("apart")
        APART,
        /** Their end: they start apart and land together. */
        @JsonProperty("landing")
        LANDING,
        /** Their start: they start together and land apart. */
        @JsonProperty("starting")
        STARTING
    }

    /** Frames: nine hours, so that sums of times stay exact. */
    private static final double LONGEST = 1_000_000;

    @JsonCreator
    public Pace {
        Check.present(held, "which two values of the pace are held");
        each = held == Held.APART_IN_ALL ? 0 : Check.range(each, 1e-3, LONGEST, "each");
        apart = held == Held.EACH_IN_ALL ? 0 : Check.range(apart, 0, LONGEST, "apart");
        whole = Boolean.TRUE.equals(whole);
        inAll = held == Held.EACH_APART || whole ? 0 : Check.range(inAll, 1e-3, LONGEST, "in all");
        spread = spread == null ? "linear" : Check.text(spread, 2000, "the spread of a pace");
        meet = meet == null ? Meet.APART : meet;
        times = times == null ? 1 : times;
        Check.range(times, 1, 100, "how often a unit moves");
        if (human != null) {
            Check.range(human, 0, 999_999, "the seed of a rhythm");
        }
        if (moments != null && whole) {
            throw new IllegalArgumentException("units that go by moments from outside cannot take their whole time");
        }
    }

    public static Pace eachApart(double each, double apart) {
        return PaceBuilder.builder()
                .held(Held.EACH_APART)
                .each(each)
                .apart(apart)
                .build();
    }

    public static Pace eachInAll(double each, double inAll) {
        return PaceBuilder.builder()
                .held(Held.EACH_IN_ALL)
                .each(each)
                .inAll(inAll)
                .build();
    }

    public static Pace apartInAll(double apart, double inAll) {
        return PaceBuilder.builder()
                .held(Held.APART_IN_ALL)
                .apart(apart)
                .inAll(inAll)
                .build();
    }
}
