package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What a scene ends with, so that it becomes longer and shorter with that. */
public enum Ending {
    @JsonProperty("block")
    BLOCK("its last block"),
    @JsonProperty("sound")
    SOUND("its last sound");

    private final String text;

    Ending(String text) {
        this.text = text;
    }

    public String text() {
        return text;
    }
}
