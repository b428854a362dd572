package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How a scene hands over to the next one: the last frames of the one and the first of the other are seen together.
 *
 * @param frames scene frames of the first one, 1 to 10,000; fewer where either scene is shorter
 * @param direction where a slide goes to; left when nothing is said
 * @param through the title of the first scene whose letters the next one is seen through; null for its last text block
 * @param letter where in the title's text the letter stands that the view flies into; null for the one with the most room inside
 * @param easing of the flight; null for slowly at first
 */
public record Crossing(
        Kind kind, Integer frames, Crawl.Direction direction, String through, Integer letter, String easing) {
    /** Slowly at first: letters are read before they open. */
    public static final String NEARER = "cubic-bezier(0.5, 0, 0.9, 0.6)";

    /** In which way. */
    public enum Kind {
        @JsonProperty("fade")
        FADE,
        @JsonProperty("slide")
        SLIDE,
        @JsonProperty("letters")
        LETTERS
    }

    public Crossing {
        Check.present(kind, "the kind of a crossing");
        frames = frames == null ? Integer.valueOf(12) : frames;
        Check.range(frames, 1, 10_000, "the frames of a crossing");
        direction = direction == null ? Crawl.Direction.LEFT : direction;
        if (through != null) {
            Check.id(through, "the title of a crossing");
        }
        if (letter != null) {
            Check.range(letter, 0, TextBlock.LONGEST_TEXT, "the letter of a crossing");
        }
    }

    /** One without anything that only some kinds have. */
    public Crossing(Kind kind, Integer frames) {
        this(kind, frames, null, null, null, null);
    }

    /** How the flight through letters goes. */
    public String flight() {
        return easing == null ? NEARER : easing;
    }
}
