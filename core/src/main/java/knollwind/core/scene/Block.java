package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One piece on the page, with a span in time and the phases it arrives and leaves by. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = TextBlock.class, name = "text"),
    @JsonSubTypes.Type(value = ShapeBlock.class, name = "shape")
})
public sealed interface Block permits TextBlock, ShapeBlock {
    /** One method for each kind. */
    interface Cases<R> {
        R words(TextBlock block);

        R shape(ShapeBlock block);
    }

    <R> R match(Cases<R> cases);

    /** The block where it is one of words. */
    default Optional<TextBlock> asWords() {
        return Optional.empty();
    }

    /** The block where it is a shape. */
    default Optional<ShapeBlock> asShape() {
        return Optional.empty();
    }

    /** Where inside the block its fill stands. */
    default String fillPath() {
        return "fill";
    }

    /** What stands in the paths of colours that may carry keys. */
    String COLOURS = "/colours/";

    /** The free curve that it is drawn along or stands on; null without one. */
    default Bezier curve() {
        return null;
    }

    /** Its own numbers that are set once for its whole span and cannot carry keys, by their paths inside it. */
    default Map<String, Value<Double>> stillNumbers() {
        return Map.of();
    }

    /** Its own colours that are set once for its whole span, beside that of its fill, by their paths inside it. */
    default Map<String, Value<String>> stillColours() {
        return new LinkedHashMap<>();
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

    /** True where no pointer chooses or moves it, and no key deletes it; null otherwise. */
    Boolean locked();

    /** What is written of a mark that few have: nothing where it is not there. */
    static Boolean onlyTrue(Boolean mark) {
        return Boolean.TRUE.equals(mark) ? mark : null;
    }

    Phase arrive();

    Phase leave();

    /** What it is dressed with, in the order in which each is put on; null without any. */
    List<Dressing> dress();

    /** The same; empty without any. */
    default List<Dressing> dressings() {
        return dress() == null ? List.of() : dress();
    }

    /** The dressings of a block as it keeps them. */
    static List<Dressing> worn(List<Dressing> dress) {
        if (dress == null || dress.isEmpty()) {
            return null;
        }
        if (dress.size() > Dressing.MOST) {
            throw new IllegalArgumentException(
                    "a block has at most " + Dressing.MOST + " dressings, not " + dress.size());
        }
        List<Dressing> kept = Check.list(dress);
        Check.uniqueIds(kept, Dressing::id, "dressings");
        return kept;
    }

    /** Its own values that may carry keys over its span, by their paths inside it, in the order in which rows show them. */
    default Map<String, Value<?>> keyable() {
        Map<String, Value<?>> values = new LinkedHashMap<>();
        values.put("place/x", place().x());
        values.put("place/y", place().y());
        values.put("place/scale", place().scale());
        values.put("place/rotation", place().rotation());
        values.put("opacity", opacity());
        for (Dressing dressing : dressings()) {
            String at = "dress/" + dressing.id();
            dressing.numbers().forEach((name, value) -> values.put(at + "/numbers/" + name, value));
            dressing.colours().forEach((name, value) -> values.put(at + COLOURS + name, value));
        }
        return values;
    }

    /** What the block does between arriving and leaving; all its moves have a cycle. */
    Phase dwell();
}
