package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How a move of the dwell goes away from rest and comes back, over and over.
 *
 * @param every one time round, above 0
 * @param unit what {@code every} is counted in
 * @param whole whether it is stretched a little so that it fits the dwell a whole number of times, so that the dwell closes
 * @param seed of trembling and flickering
 * @param drift of a glide: how much of the way is left for the slow middle, 0 to 0.5 on either side of rest
 * @param loudness what is followed by what goes as loud as something is; null for all others
 */
public record Cycle(Form form, double every, Unit unit, Boolean whole, Long seed, Double drift, Loudness loudness) {
    /** Of the way: seen as going on, not as going away. */
    private static final double USUAL_DRIFT = 0.05;

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
        PASS,
        /** Fast in, a slow drift, fast off to the other side: one motion through all three phases. */
        @JsonProperty("glide")
        GLIDE,
        /** One way, slowly, as long as the block is on. */
        @JsonProperty("stay")
        STAY,
        /** As far away as something is loud, as long as the block is on. */
        @JsonProperty("loudness")
        LOUDNESS;

        /** True when it is counted how long one round takes. */
        public boolean goesRound() {
            return this != GLIDE && this != STAY && this != LOUDNESS;
        }
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

    /** A cycle that does not glide. */
    public Cycle(Form form, double every, Unit unit, Boolean whole, Long seed) {
        this(form, every, unit, whole, seed, null, null);
    }

    /** A glide. */
    public static Cycle gliding(double drift) {
        return new Cycle(Form.GLIDE, 1, null, false, 0L, drift, null);
    }

    /** As far away as something is loud. */
    public static Cycle following(Loudness loudness) {
        return new Cycle(Form.LOUDNESS, 1, null, false, 0L, null, loudness);
    }

    /** One way over the whole stay. */
    public static Cycle staying() {
        return new Cycle(Form.STAY, 1, null, false, 0L);
    }

    /** True when it goes through all three phases instead of over and over within the dwell. */
    public boolean glides() {
        return form == Form.GLIDE;
    }

    @JsonCreator
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
        if (!form.goesRound()) {
            every = 1;
            unit = Unit.FRAMES;
            whole = false;
        }
        drift = form != Form.GLIDE ? null : drift == null ? Double.valueOf(USUAL_DRIFT) : drift;
        if (drift != null) {
            Check.range(drift, 0, 0.5, "the drift of a glide");
        }
        loudness = form != Form.LOUDNESS ? null : loudness == null ? Loudness.of(null) : loudness;
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
