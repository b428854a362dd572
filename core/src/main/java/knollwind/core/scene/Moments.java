package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * Moments outside the block at which its pieces have their turns, in place of gaps of its own.
 *
 * @param every beats from one turn to the next, above 0; 1 where nothing else is meant
 * @param early frames by which a turn comes before its moment; negative for later
 * @param landing whether pieces come to rest at their moments instead of setting out then
 * @param asLong whether a piece takes as long as its word is spoken
 */
public record Moments(By by, Double every, Double early, Boolean landing, Boolean asLong) {
    /** What the moments are those of. */
    public enum By {
        /** Each word of the block when it is spoken; what is smaller or larger than a word goes with its first. */
        @JsonProperty("words")
        WORDS,
        /** The beats of the scene, from the block's start on. */
        @JsonProperty("beats")
        BEATS,
        /** The cues of the scene, from the block's start on. */
        @JsonProperty("cues")
        CUES
    }

    public Moments {
        Check.present(by, "what the turns of a pace are taken from");
        every = by != By.BEATS || every == null ? Double.valueOf(1) : every;
        Check.range(every, 0.125, 64, "how many beats lie between turns");
        early = early == null ? Double.valueOf(0) : early;
        Check.range(early, -240, 240, "how many frames early a turn comes");
        landing = Boolean.TRUE.equals(landing);
        asLong = by == By.WORDS && Boolean.TRUE.equals(asLong);
    }

    public static Moments of(By by) {
        return new Moments(by, null, null, null, null);
    }
}
