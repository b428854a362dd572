package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What follows how loud a scene's sounds are, as they were recorded: muted, lowered or fading ones count as the others. The level is 0 at
 * the floor and under it, and 1 at full scale; in between it is straight in decibels.
 *
 * @param kind of the sounds that are meant; null for all
 * @param sound id of the one sound that is meant; null for all of the kind
 * @param band of what is heard
 * @param floor decibels of full scale, {@value #LOWEST} to {@value #HIGHEST}
 * @param rise frames in which the level comes from nothing to full, 0 to {@value #SLOWEST}; 0 for at once
 * @param fall frames in which it goes from full to nothing
 * @param quiet true where it is 1 when nothing is heard, and 0 at full scale; null otherwise
 */
public record Loudness(
        Sound.Kind kind, String sound, Band band, Double floor, Double rise, Double fall, Boolean quiet) {
    public static final double LOWEST = -90;
    public static final double HIGHEST = -1;

    /** Ten seconds of most films. */
    public static final double SLOWEST = 240;

    public static final double USUAL_FLOOR = -40;
    public static final double USUAL_RISE = 1;
    public static final double USUAL_FALL = 6;

    /** Part of what is heard, by its frequency. */
    public enum Band {
        @JsonProperty("all")
        ALL,
        /** Under 200 Hz. */
        @JsonProperty("low")
        LOW,
        /** From 200 to 2,000 Hz. */
        @JsonProperty("middle")
        MIDDLE,
        /** Over 2,000 Hz. */
        @JsonProperty("high")
        HIGH
    }

    public Loudness {
        if (sound != null) {
            Check.id(sound, "the sound whose loudness is followed");
            kind = null;
        }
        band = band == null ? Band.ALL : band;
        floor = floor == null ? Double.valueOf(USUAL_FLOOR) : floor;
        rise = rise == null ? Double.valueOf(USUAL_RISE) : rise;
        fall = fall == null ? Double.valueOf(USUAL_FALL) : fall;
        Check.range(floor, LOWEST, HIGHEST, "the floor of a loudness");
        Check.range(rise, 0, SLOWEST, "the frames in which a level rises");
        Check.range(fall, 0, SLOWEST, "the frames in which a level falls");
        quiet = Block.onlyTrue(quiet);
    }

    /** How loud all sounds of a kind are. */
    public static Loudness of(Sound.Kind kind) {
        return new Loudness(kind, null, null, null, null, null, null);
    }

    /** Whether a sound is among those that are meant. */
    public boolean means(Sound other) {
        return sound != null ? sound.equals(other.id()) : kind == null || kind == other.kind();
    }
}
