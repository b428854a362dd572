package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What a number of a dressing goes by: between what it is and another value. Where nothing has happened yet it is the other value, and
 * what it is once all has; towards the other value it is the other way round.
 *
 * @param value the other one, as the number is kept
 * @param towards true where the number goes to it, null where it comes from it
 * @param loudness of sounds; null unless it goes by that
 */
public record Drive(Double value, Boolean towards, By by, Loudness loudness) {
    /** What has to happen. */
    public enum By {
        /** The block's arrival. */
        @JsonProperty("arriving")
        ARRIVING,
        /** Its leave. */
        @JsonProperty("leaving")
        LEAVING,
        /** That its words are said, or those of them that are dressed. */
        @JsonProperty("words")
        WORDS,
        @JsonProperty("loudness")
        LOUDNESS
    }

    public Drive {
        value = Check.present(value, "the value that a number comes from or goes to");
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("a value must be a finite number");
        }
        towards = Block.onlyTrue(towards);
        Check.present(by, "what a number goes by");
        loudness = by != By.LOUDNESS ? null : loudness == null ? Loudness.of(null) : loudness;
    }

    /**
     * What the number is.
     *
     * @param own what it is by itself
     * @param level how far it has happened, 0 to 1
     */
    public double at(double own, double level) {
        return towards == null ? value + (own - value) * level : own + (value - own) * level;
    }
}
