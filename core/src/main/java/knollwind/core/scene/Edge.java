package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** The edge that a unit is revealed from behind. */
public enum Edge {
    /** The lower of the line's baseline and the ink bottom of the line. */
    @JsonProperty("baseline")
    BASELINE("the baseline"),
    /** The top of the line's ink. */
    @JsonProperty("capLine")
    CAP_LINE("the cap line"),
    /** The left side of the unit's own rest box. */
    @JsonProperty("left")
    LEFT("its left edge"),
    /** The right side of the unit's own rest box. */
    @JsonProperty("right")
    RIGHT("its right edge"),
    /** All four sides of the unit's own rest box. */
    @JsonProperty("box")
    BOX("its own box"),
    /** All four sides of the line's box, its ink included. */
    @JsonProperty("line")
    LINE("its line");

    private final String text;

    Edge(String text) {
        this.text = text;
    }

    /** As a sentence names it. */
    public String text() {
        return text;
    }
}
