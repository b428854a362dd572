package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How a scene hands over to the next one: the last frames of the one and the first of the other are seen together.
 *
 * @param frames scene frames of the first one, 1 to 10,000; fewer where either scene is shorter
 * @param direction where a slide goes to; left when nothing is said
 * @param through the title of the first scene whose letters the next one is seen through; null for its last text block
 */
public record Crossing(Kind kind, Integer frames, Crawl.Direction direction, String through) {
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
    }
}
