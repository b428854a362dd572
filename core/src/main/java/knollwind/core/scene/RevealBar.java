package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What is seen going ahead of a reveal.
 *
 * @param thickness em, above 0
 * @param colour {@code #rrggbb}
 */
public record RevealBar(Kind kind, double thickness, String colour) {
    /** What it is. */
    public enum Kind {
        /** A bar along the edge of a wipe. */
        @JsonProperty("bar")
        BAR("bar"),
        /** A caret where the next piece will come. */
        @JsonProperty("caret")
        CARET("caret");

        private final String text;

        Kind(String text) {
            this.text = text;
        }

        /** As a sentence names it. */
        public String text() {
            return text;
        }
    }

    public RevealBar {
        Check.present(kind, "what leads a reveal");
        Check.range(thickness, 0.005, 5, "the thickness of what leads");
        Colour.check(Check.present(colour, "the colour of what leads"));
    }
}
