package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How a move of the dwell goes away from rest and comes back, over and over.
 *
 * @param every one time round, above 0
 * @param unit what {@code every} is counted in
 * @param whole whether it is stretched a little so that it fits the dwell a whole number of times, so that the dwell closes
 * @param seed of trembling and flickering
 */
public record Cycle(Form form, double every, Unit unit, Boolean whole, Long seed) {
    /** The way out and back. */
    public enum Form {
        /** To both sides, a sine. */
        @JsonProperty("swing")
        SWING,
        /** To one side and back, softly. */
        @JsonProperty("pulse")
        PULSE,
        /** To both sides without a rule, smoothly. */
        @JsonProperty("tremble")
        TREMBLE,
        /** There or not there, without a rule. */
        @JsonProperty("flicker")
        FLICKER,
        /** One unit after the other, each once in a time round, as long as its pace says. */
        @JsonProperty("pass")
        PASS
    }

    /** What the time of one round is counted in. */
    public enum Unit {
        @JsonProperty("frames")
        FRAMES("frames"),
        @JsonProperty("seconds")
        SECONDS("s"),
        @JsonProperty("beats")
        BEATS("beats");

        private final String text;

        Unit(String text) {
            this.text = text;
        }

        public String text() {
            return text;
        }
    }

    public Cycle {
        Check.present(form, "the form of a cycle");
        if (!(every > 0 && every <= 1_000_000)) {
            throw new IllegalArgumentException("the time of a cycle must lie above 0 and up to 1000000, not " + every);
        }
        unit = unit == null ? Unit.FRAMES : unit;
        whole = Boolean.TRUE.equals(whole);
        seed = seed == null ? 0L : seed;
        if (seed < 0 || seed > 999_999) {
            throw new IllegalArgumentException("a seed lies between 0 and 999999, not " + seed);
        }
        seed = form == Form.TREMBLE || form == Form.FLICKER ? seed : 0L;
    }

    /** One time round in frames of a scene; without beats two of them go into a second. */
    public double frames(Clock clock) {
        FrameRate rate = clock.rate();
        Beats beats = clock.beats();
        return switch (unit) {
            case FRAMES -> every;
            case SECONDS -> every * rate.perSecond();
            case BEATS -> every * (beats == null ? rate.perSecond() / 2 : beats.frames(rate));
        };
    }
}
