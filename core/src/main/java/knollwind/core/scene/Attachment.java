package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * Ties a block to the edge of another, so that it follows when the other's words change. The boxes that count are those
 * that the block's own pivot counts by: of the type or of the ink, both at rest and unturned.
 *
 * @param to id of the other block; while there is none of that id the block stands at its own place
 * @param gap from edge to edge; negative overlaps
 * @param level which lines of the two boxes are level: one of those that go with the side
 * @param sameWidth whether the block is made as wide as the other; its centre is then level with the other's
 */
public record Attachment(String to, Side side, Length gap, Level level, boolean sameWidth) {
    /** On which side of the other block this one stands. */
    public enum Side {
        @JsonProperty("right")
        RIGHT,
        @JsonProperty("left")
        LEFT,
        @JsonProperty("above")
        ABOVE,
        @JsonProperty("under")
        UNDER;

        /** True beside the other block, false over or under it. */
        public boolean beside() {
            return this == RIGHT || this == LEFT;
        }
    }

    /** Which lines of two boxes are level. */
    public enum Level {
        @JsonProperty("top")
        TOP(true),
        @JsonProperty("middle")
        MIDDLE(true),
        @JsonProperty("bottom")
        BOTTOM(true),
        @JsonProperty("baseline")
        BASELINE(true),
        @JsonProperty("left")
        LEFT(false),
        @JsonProperty("centre")
        CENTRE(false),
        @JsonProperty("right")
        RIGHT(false);

        private final boolean beside;

        Level(boolean beside) {
            this.beside = beside;
        }

        /** Whether this line can be level on that side. */
        public boolean goesWith(Side side) {
            return beside == side.beside();
        }
    }

    public Attachment {
        Check.id(to, "what a block is attached to");
        Check.present(side, "the side of an attachment");
        Check.present(gap, "the gap of an attachment");
        Check.present(level, "the level of an attachment");
        if (!level.goesWith(side)) {
            throw new IllegalArgumentException(
                    "a block beside another is level by top, middle, bottom or baseline; one "
                            + "above or under another by left, centre or right");
        }
        if (sameWidth && side.beside()) {
            throw new IllegalArgumentException("only a block above or under another can be as wide as it");
        }
        level = sameWidth ? Level.CENTRE : level;
    }
}
