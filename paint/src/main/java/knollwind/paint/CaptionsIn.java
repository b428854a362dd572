package knollwind.paint;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What becomes of captions in an export. */
public enum CaptionsIn {
    /** Part of the picture, dressed as they are. */
    @JsonProperty("picture")
    PICTURE,
    /** Tracks of the video, plain, which players switch on and off; stills have none. */
    @JsonProperty("tracks")
    TRACKS,
    @JsonProperty("nowhere")
    NOWHERE
}
