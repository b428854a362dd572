package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How paragraphs become lines. Typed breaks always break. */
public enum Breaking {
    /** Each line of a column takes what it can hold. */
    @JsonProperty("filled")
    FILLED,
    /** As many lines as filled ones, but as narrow as they can be: none is left with one lonely word. */
    @JsonProperty("balanced")
    BALANCED,
    /** Every word stands in a line of its own. */
    @JsonProperty("stacked")
    STACKED
}
