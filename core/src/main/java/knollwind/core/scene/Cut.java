package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * A straight cut through every piece, of which a move takes one side. While both sides are where they rest, nothing is cut.
 *
 * @param angle of the cut, degrees clockwise from level
 * @param place where it passes the middle of the piece's box: 0 at its top, 1 at its bottom
 */
public record Cut(Side side, double angle, double place) {
    /** A side of a cut. */
    public enum Side {
        @JsonProperty("above")
        ABOVE("above"),
        @JsonProperty("below")
        BELOW("below");

        private final String text;

        Side(String text) {
            this.text = text;
        }

        /** As a sentence names it. */
        public String text() {
            return text;
        }
    }

    public Cut {
        Check.present(side, "the side of a cut");
        Check.range(angle, -90, 90, "the angle of a cut");
        Check.range(place, 0, 1, "the place of a cut");
    }
}
