package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** The four moments of a block's time. */
public enum BlockEdge {
    /** Its first unit sets out. */
    @JsonProperty("start")
    START,
    /** Its last arriving unit has landed. */
    @JsonProperty("landed")
    LANDED,
    /** Its first unit sets out to leave. */
    @JsonProperty("leaving")
    LEAVING,
    /** It is gone. */
    @JsonProperty("end")
    END
}
