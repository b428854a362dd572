package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a block's words are set.
 *
 * @param face the face of all words that no run changes
 * @param size type size in px of the base format, {@value #SMALLEST} to {@value #LARGEST}
 * @param tracking thousandths of an em added after every character
 * @param leading distance from baseline to baseline as a multiple of the size, 0.1 to 10
 * @param column wrapping width; null sets point text, which breaks only where it is told to
 * @param direction base direction of the paragraphs
 * @param language BCP 47 tag used for line and word breaking
 * @param forms case, kerning and features
 * @param breaking how lines are broken
 * @param fit the rule that scales the type to the words; null leaves it at its size. Under one that scales to a width
 *     lines break only where it is told to
 * @param path what the words stand on; null for straight lines
 * @param pairs what lies between the two columns of lines that a tab parts: centred, the columns meet at the middle of the
 *     block; null where a tab is a space
 * @param wordSpacing thousandths of an em added at every space, {@value #CLOSEST} to {@value #FURTHEST}; null for none
 * @param columnHeight how high the column is, however much its words take; null for as high as they are
 */
@RecordBuilder
public record Setting(
        Face face,
        Value<Double> size,
        Value<Double> tracking,
        Value<Double> leading,
        Alignment alignment,
        Length column,
        Ligatures ligatures,
        Direction direction,
        String language,
        Fill fill,
        Forms forms,
        Breaking breaking,
        Fit fit,
        TextPath path,
        Length columnHeight,
        Length pairs,
        Double wordSpacing)
        implements SettingBuilder.With {
    /** Where lines stand across the block; start and end follow the direction of the line. */
    public enum Alignment {
        @JsonProperty("start")
        START,
        @JsonProperty("centre")
        CENTRE,
        @JsonProperty("end")
        END,
        @JsonProperty("justify")
        JUSTIFY
    }

    /** Optional ligatures; auto switches them off while a move splits the block by character. */
    public enum Ligatures {
        @JsonProperty("auto")
        AUTO,
        @JsonProperty("on")
        ON,
        @JsonProperty("off")
        OFF
    }

    /** Base direction; auto takes that of the first strong character (UAX #9, P2). */
    public enum Direction {
        @JsonProperty("auto")
        AUTO,
        @JsonProperty("ltr")
        LTR,
        @JsonProperty("rtl")
        RTL
    }

    /** The smallest type size, px of the base format. */
    public static final double SMALLEST = 0.5;

    /** The largest type size, px of the base format: a letter as high as half of the largest frame. */
    public static final double LARGEST = 4000;

    public static final double CLOSEST = -1000;

    public static final double FURTHEST = 10_000;

    public Setting {
        if (wordSpacing != null) {
            Check.range(wordSpacing, CLOSEST, FURTHEST, "word spacing");
            wordSpacing = wordSpacing == 0 ? null : wordSpacing;
        }
        Check.present(face, "the face of a setting");
        Check.present(size, "the size of a setting");
        if (size instanceof Value.Literal<Double> literal) {
            Check.range(literal.value(), SMALLEST, LARGEST, "the size of a setting");
        }
        tracking = tracking == null ? Value.of(0.0) : tracking;
        if (tracking instanceof Value.Literal<Double> literal) {
            Check.range(literal.value(), -1000, 10_000, "tracking");
        }
        leading = leading == null ? Value.of(1.2) : leading;
        if (leading instanceof Value.Literal<Double> literal) {
            Check.range(literal.value(), 0.1, 10, "leading");
        }
        alignment = alignment == null ? Alignment.CENTRE : alignment;
        ligatures = ligatures == null ? Ligatures.AUTO : ligatures;
        direction = direction == null ? Direction.AUTO : direction;
        language = language == null ? "en-GB" : language;
        Check.text(language, 35, "the language of a setting");
        forms = forms == null ? Forms.PLAIN : forms;
        breaking = breaking == null ? Breaking.FILLED : breaking;
        fill = fill == null ? new Fill.Solid(Value.of("#f4ead2")) : fill;
        for (Value<Double> value : java.util.List.of(size, tracking, leading)) {
            if (value instanceof Value.Track) {
                throw new IllegalArgumentException(
                        "size, tracking and leading are set once for a block's whole span and cannot carry keys");
            }
        }
        if (columnHeight != null && (column == null || columnHeight.value() <= 0)) {
            throw new IllegalArgumentException("only a column has a height, and it must be above 0");
        }
        if (pairs != null) {
            Check.range(pairs.value(), 0, 10_000, "what lies between pairs");
        }
        if (column != null && column.value() <= 0) {
            throw new IllegalArgumentException("a column must be wider than 0");
        }
    }
}
