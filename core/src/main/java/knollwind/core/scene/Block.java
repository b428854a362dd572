package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Optional;
import java.util.function.Function;

/** One piece on the page, with a span in time and the phases it arrives and leaves by. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = TextBlock.class, name = "text"),
    @JsonSubTypes.Type(value = ShapeBlock.class, name = "shape")
})
public sealed interface Block permits TextBlock, ShapeBlock {
    /** What is made of words, and what of a shape. */
    <R> R match(Function<TextBlock, R> words, Function<ShapeBlock, R> shape);

    /** The block where it is one of words. */
    default Optional<TextBlock> asWords() {
        return match(Optional::of, shape -> Optional.empty());
    }

    /** The block where it is a shape. */
    default Optional<ShapeBlock> asShape() {
        return match(words -> Optional.empty(), Optional::of);
    }

    /** Where inside the block its fill stands. */
    default String fillPath() {
        return match(words -> "setting/fill", shape -> "fill");
    }

    /** The shape that fits itself to what it lies behind, where the block is one. */
    default Optional<ShapeBlock.Plate> asPlate() {
        return asShape()
                .map(ShapeBlock::shape)
                .filter(ShapeBlock.Plate.class::isInstance)
                .map(ShapeBlock.Plate.class::cast);
    }

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
