package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** The pieces that a move acts on. */
public enum UnitKind {
    @JsonProperty("character")
    CHARACTER("characters"),
    @JsonProperty("word")
    WORD("words"),
    @JsonProperty("line")
    LINE("lines"),
    @JsonProperty("whole")
    WHOLE("the whole");

    private final String text;

    UnitKind(String text) {
        this.text = text;
    }

    /** As a sentence names it. */
    public String text() {
        return text;
    }
}
