package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How long units take and how far their starts lie apart, in frames. Two of the three values are held, the third follows
 * from {@code inAll = each + apart · (ranks − 1)}; the value that is not held
 * is kept at 0.
 *
 * @param each one unit's time, above 0 when held
 * @param apart from one rank's start to the next, 0 or more
 * @param inAll from the first start to the last end, above 0 when held
 */
public record Pace(Held held, double each, double apart, double inAll) {
    /** Which two values are held. */
    public enum Held {
        @JsonProperty("eachApart")
        EACH_APART,
        @JsonProperty("eachInAll")
        EACH_IN_ALL,
        @JsonProperty("apartInAll")
        APART_IN_ALL
    }

    private static final double LONGEST = 1_000_000;

    public Pace {
        Check.present(held, "which two values of the pace are held");
        each = held == Held.APART_IN_ALL ? 0 : Check.range(each, 1e-3, LONGEST, "each");
        apart = held == Held.EACH_IN_ALL ? 0 : Check.range(apart, 0, LONGEST, "apart");
        inAll = held == Held.EACH_APART ? 0 : Check.range(inAll, 1e-3, LONGEST, "in all");
    }

    public static Pace eachApart(double each, double apart) {
        return new Pace(Held.EACH_APART, each, apart, 0);
    }

    public static Pace eachInAll(double each, double inAll) {
        return new Pace(Held.EACH_IN_ALL, each, 0, inAll);
    }

    public static Pace apartInAll(double apart, double inAll) {
        return new Pace(Held.APART_IN_ALL, 0, apart, inAll);
    }
}
