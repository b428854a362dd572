package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** One piece on the page, with a span in time and the phases it arrives and leaves by. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = TextBlock.class, name = "text"),
    @JsonSubTypes.Type(value = ShapeBlock.class, name = "shape")
})
public sealed interface Block permits TextBlock, ShapeBlock {
    String id();

    String name();

    Span span();

    Place place();

    /** The same block at another time. */
    Block during(Span other);

    /** What its words or its shape are filled with. */
    Fill fill();

    /** 0…1. */
    Value<Double> opacity();

    /** Not painted while true. */
    boolean hidden();

    Phase arrive();

    Phase leave();

    /** What the block does between arriving and leaving; all its moves have a cycle. */
    Phase dwell();
}
