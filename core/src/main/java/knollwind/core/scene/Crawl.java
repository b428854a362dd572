package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How a block runs through the frame, from beyond the edge it comes in at: a line of news across, or credits up.
 *
 * @param speed px of the base frame a second, above 0; null where it takes the block's time: to run through once, or, where it
 *     comes again, for one round
 * @param gap px between its end and where it comes again, and between the lines of words that run across
 * @param again whether it follows itself as long as the block lasts
 * @param running whether it fills the frame from the start; only what comes again can
 * @param hold frames for which the last card (the lines after the last empty one) stands in the middle at the end; where a speed is set
 *     it stands as long as the block lasts, and this is 0. Null lets it go off. Not with {@code again}
 * @param tilt degrees, 0 to 85, by which the plane that it runs on leans back about the lower edge of the frame; only up or down
 * @param edge share of the frame, 0 to 0.5, over which it fades at the edge that it comes in at
 * @param off the same at the edge that it goes off at, where a plane that leans back is far away; null for as much
 */
public record Crawl(
        Direction direction,
        Double speed,
        Double gap,
        Boolean again,
        Boolean running,
        Double hold,
        Double tilt,
        Double edge,
        Double off) {
    /** Where it runs to. */
    public enum Direction {
        @JsonProperty("left")
        LEFT,
        @JsonProperty("right")
        RIGHT,
        @JsonProperty("up")
        UP,
        @JsonProperty("down")
        DOWN;

        /** True for left and right. */
        public boolean across() {
            return this == LEFT || this == RIGHT;
        }
    }

    /** px between one run and the next where nothing else is said. */
    public static final double GAP = 120;

    @JsonCreator
    public Crawl {
        Check.present(direction, "the direction of a crawl");
        if (speed != null) {
            Check.range(speed, 0.1, 100_000, "the speed of a crawl");
        }
        gap = gap == null ? Double.valueOf(GAP) : gap;
        Check.range(gap, 0, 100_000, "the gap of a crawl");
        again = Boolean.TRUE.equals(again);
        running = Boolean.TRUE.equals(running) && again;
        if (hold != null) {
            Check.range(hold, 0, 1_000_000, "the hold of a crawl");
            if (again) {
                throw new IllegalArgumentException("a crawl that comes again has no last card to hold");
            }
            hold = speed == null ? hold : Double.valueOf(0);
        }
        tilt = tilt == null || direction.across() ? Double.valueOf(0) : tilt;
        Check.range(tilt, 0, 85, "the tilt of a crawl");
        edge = edge == null ? Double.valueOf(0) : edge;
        Check.range(edge, 0, 0.5, "the soft edge of a crawl");
        if (off != null) {
            Check.range(off, 0, 0.5, "the soft edge of a crawl");
        }
    }

    /** A crawl with the same soft edge at both ends. */
    public Crawl(
            Direction direction,
            Double speed,
            Double gap,
            Boolean again,
            Boolean running,
            Double hold,
            Double tilt,
            Double edge) {
        this(direction, speed, gap, again, running, hold, tilt, edge, null);
    }

    /** Share of the frame over which it fades where it goes off. */
    public double fadesOff() {
        return off == null ? edge : off;
    }
}
