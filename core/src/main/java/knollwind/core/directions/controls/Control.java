package knollwind.core.directions.controls;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.ChannelKey;

/** What changes a part of a sentence. Every control carries the changes it makes, so an interface needs no rule of its own. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Control.Number.class, name = "number"),
    @JsonSubTypes.Type(value = Control.Choice.class, name = "choice"),
    @JsonSubTypes.Type(value = Control.Families.class, name = "families"),
    @JsonSubTypes.Type(value = Control.Curve.class, name = "curve"),
    @JsonSubTypes.Type(value = Control.Tint.class, name = "tint"),
    @JsonSubTypes.Type(value = Control.PictureFile.class, name = "picture"),
    @JsonSubTypes.Type(value = Control.Hand.class, name = "hand"),
    @JsonSubTypes.Type(value = Control.Keys.class, name = "keys"),
    @JsonSubTypes.Type(value = Control.Pad.class, name = "pad"),
    @JsonSubTypes.Type(value = Control.Taps.class, name = "taps"),
    @JsonSubTypes.Type(value = Control.KeyHere.class, name = "keyHere"),
    @JsonSubTypes.Type(value = Control.Turn.class, name = "turn"),
    @JsonSubTypes.Type(value = Control.Nested.class, name = "nested")
})
public sealed interface Control {
    String label();

    /**
     * A number.
     *
     * @param suffix what is printed after it
     * @param derived whether the value follows from others until it is changed
     * @param units what it can be measured in instead, the present one chosen; empty where there is no choice
     */
    record Number(
            String label,
            double value,
            String suffix,
            double least,
            double most,
            double step,
            boolean derived,
            List<Edit> edits,
            List<Option> units)
            implements Control {
        /** A number that is measured in one unit. */
        public Number(
                String label,
                double value,
                String suffix,
                double least,
                double most,
                double step,
                boolean derived,
                List<Edit> edits) {
            this(label, value, suffix, least, most, step, derived, edits, List.of());
        }

        /** The same with other units to choose from. */
        public Number in(List<Option> others) {
            return new Number(label, value, suffix, least, most, step, derived, edits, others);
        }
    }

    /**
     * Words and colours of a scene that stands in a block.
     *
     * @param at path of the fill that shows the scene
     */
    record Nested(String label, List<NestedLine> lines, String at) implements Control {}

    /**
     * A block of that scene.
     *
     * @param text its own words; null for a shape
     * @param otherText what they are here; null for its own
     * @param textPath where its words stand inside it
     * @param colour its own colour; null where it has no single one
     * @param otherColour what it is here; null for its own
     * @param colourPath where what it is filled with stands inside it
     */
    record NestedLine(
            String id,
            String name,
            String text,
            String otherText,
            List<String> textPath,
            String colour,
            String otherColour,
            List<String> colourPath) {}

    /** One of several. */
    record Choice(String label, List<Option> options) implements Control {}

    /** A choice with what choosing it does. */
    record Option(String label, boolean selected, List<Operation> operations) {}

    /** A family, to be chosen by its look. */
    record Families(String label, List<FamilyOption> options) implements Control {}

    /**
     * A family with what choosing it does.
     *
     * @param kind as the catalogue sorts it
     */
    record FamilyOption(String label, String kind, boolean selected, List<Operation> operations) {}

    /**
     * An easing.
     *
     * @param function as it is stored
     * @param samples its values at evenly spaced progress from 0 to 1
     * @param ladder its values frame by frame over one unit's bar, its begin and end included
     * @param bezier x1, y1, x2, y2 of the control points where it is a cubic Bézier; empty otherwise
     * @param at where a new function is set
     */
    record Curve(
            String label,
            String function,
            List<Double> samples,
            List<Double> ladder,
            List<Double> bezier,
            List<Option> options,
            String at)
            implements Control {}

    /** A picture file to be brought along; what is kept of it becomes the fill that is set there. */
    record PictureFile(String label, String at) implements Control {}

    /** A colour, {@code #rrggbb} or {@code #rrggbbaa}. */
    record Tint(String label, String colour, String at) implements Control {}

    /**
     * The keys of a channel over its unit's own time: the first at 0, the last, at rest, at 1.
     *
     * @param suffix what is printed after a value
     * @param shown what a stored value is multiplied by to be shown
     * @param easings what the way from a key to the next can be
     * @param samples shown values at evenly spaced progress from 0 to 1
     * @param at the list of keys
     */
    record Keys(
            String label,
            String suffix,
            double shown,
            double least,
            double most,
            List<ChannelKey> keys,
            List<Named> easings,
            List<Double> samples,
            String at)
            implements Control {}

    /**
     * An angle or a point, set in the picture over the block.
     *
     * @param angle degrees clockwise from "to the right"; null for a point
     * @param x 0 to 1 across the block's box; null for an angle
     * @param y 0 to 1 down the block's box; null for an angle
     */
    record Pad(String label, Double angle, Double x, Double y, String at) implements Control {}

    /** A function by the name that people say. */
    record Named(String label, String function) {}

    /**
     * A key of what a value is, at the playhead.
     *
     * @param at path of the value in the document
     */
    record KeyHere(String label, String at) implements Control {}

    /**
     * Where something stands in a list; its part of the sentence is also dragged onto that of another.
     *
     * @param place counted from 0
     * @param places for each place of the list what brings it there
     */
    record Turn(String label, int place, List<Option> places) implements Control {}

    /** Units in a sequence made by hand, clicked in the picture one after the other. */
    record Hand(String label, List<String> units, String at) implements Control {}

    /**
     * How often a minute something is tapped.
     *
     * @param at path of the number
     */
    record Taps(String label, double least, double most, String at) implements Control {}
}
