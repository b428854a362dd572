package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * One key of a block track.
 *
 * @param anchor what {@code at} counts from, so that stretching a block keeps the key's meaning
 * @param at frames from the start, frames before the end, or the fraction 0…1 of the hold; below 0 where a block was cut out
 *     of a longer one and the key lies in the part that is gone
 * @param easing the way from this key to the next: an easing function, or {@code "hold"}
 */
public record TrackKey<T>(String id, Anchor anchor, double at, T value, String easing) {
    /** What a key's time counts from. */
    public enum Anchor {
        @JsonProperty("start")
        START,
        @JsonProperty("end")
        END,
        @JsonProperty("hold")
        HOLD
    }

    public TrackKey {
        Check.id(id, "a key");
        anchor = anchor == null ? Anchor.START : anchor;
        Check.range(
                at, anchor == Anchor.HOLD ? 0 : -1_000_000, anchor == Anchor.HOLD ? 1 : 1_000_000, "the time of a key");
        Check.present(value, "the value of a key");
        easing = easing == null ? "linear" : easing;
    }
}
