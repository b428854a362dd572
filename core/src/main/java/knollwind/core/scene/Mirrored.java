package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How a block is seen in a mirror that stands on its pivot. */
public enum Mirrored {
    @JsonProperty("across")
    ACROSS("left to right", -1, 1),
    @JsonProperty("down")
    DOWN("top to bottom", 1, -1),
    @JsonProperty("both")
    BOTH("both ways", -1, -1);

    private final String text;
    private final int x;
    private final int y;

    Mirrored(String text, int x, int y) {
        this.text = text;
        this.x = x;
        this.y = y;
    }

    public String text() {
        return text;
    }

    /** The factor of what lies to the right of the pivot: 1 or -1. */
    public int x() {
        return x;
    }

    /** The factor of what lies below the pivot: 1 or -1. */
    public int y() {
        return y;
    }
}
