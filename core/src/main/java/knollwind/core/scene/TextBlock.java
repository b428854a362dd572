package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A block of words.
 *
 * @param text the words; line breaks are {@code \n}; at most 20,000 UTF-16 units, no other control characters
 * @param runs styled stretches in order, not overlapping
 * @param placed words with resting places of their own
 * @param says the steps that the words are built by, as they are said, with ids for names; null where they are typed. The text is what
 *     they came to when they were said last
 */
@RecordBuilder
public record TextBlock(
        String id,
        String name,
        Span span,
        Place place,
        Value<Double> opacity,
        boolean hidden,
        Phase arrive,
        Phase leave,
        String text,
        List<Run> runs,
        Setting setting,
        List<PlacedWord> placed,
        Phase dwell,
        Boolean locked,
        List<Dressing> dress,
        String says)
        implements Block, TextBlockBuilder.With {
    /** UTF-16 units: some ten pages, which can still be laid out and painted. */
    public static final int LONGEST_TEXT = 20_000;

    private static final int LONGEST_STEPS = 4_000;

    @JsonCreator
    public TextBlock {
        Check.id(id, "a block");
        Check.text(name, 200, "the name of a block");
        Check.present(span, "the span of a block");
        Check.present(place, "the place of a block");
        opacity = opacity == null ? Value.of(1.0) : opacity;
        arrive = arrive == null ? Phase.CUT : arrive;
        leave = leave == null ? Phase.CUT : leave;
        dwell = Phase.dwelling(dwell);
        locked = Block.onlyTrue(locked);
        dress = Block.worn(dress);
        Check.text(text, LONGEST_TEXT, "the words of a block");
        int control = TextEdit.firstControl(text);
        if (control >= 0) {
            throw new IllegalArgumentException(String.format(
                    "the words hold the control character U+%04X at %d; only line breaks are allowed",
                    (int) text.charAt(control), control));
        }
        if (says != null) {
            Check.text(says, LONGEST_STEPS, "the steps of a block's words");
        }
        runs = Check.list(runs);
        Check.uniqueIds(runs, Run::id, "runs");
        int last = 0;
        for (Run run : runs) {
            if (run.from() < last || run.to() > text.length()) {
                throw new IllegalArgumentException("the run '" + run.id() + "' overlaps another or leaves the text");
            }
            last = run.to();
        }
        Check.present(setting, "the setting of a block");
        placed = Check.list(placed);
        Check.uniqueIds(placed, PlacedWord::id, "placed words");
    }

    @Override
    public Fill fill() {
        return setting.fill();
    }

    @Override
    public TextBlock during(Span other) {
        return withSpan(other);
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.words(this);
    }

    @Override
    public Optional<TextBlock> asWords() {
        return Optional.of(this);
    }

    @Override
    public String fillPath() {
        return "setting/fill";
    }

    @Override
    public Bezier curve() {
        return setting.path() instanceof TextPath.Free free ? free.curve() : null;
    }

    @Override
    public Map<String, Value<Double>> stillNumbers() {
        return Map.of(
                "setting/size",
                setting.size(),
                "setting/tracking",
                setting.tracking(),
                "setting/leading",
                setting.leading());
    }
}
