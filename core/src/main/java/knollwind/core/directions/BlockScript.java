package knollwind.core.directions;

import java.util.List;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.move.PhaseScript;

/**
 * A block's directions as the page shows them.
 *
 * @param runs one sentence for each styled stretch of the words
 * @param dress what it is dressed with
 * @param nested the scene that it shows; null for none
 * @param placed one sentence for each word with a resting place of its own
 */
public record BlockScript(
        String block,
        PhaseScript arrive,
        PhaseScript dwell,
        PhaseScript leave,
        Sentence span,
        Sentence setting,
        Sentence dress,
        List<Sentence> runs,
        List<Sentence> placed,
        Sentence nested) {
    /** With the scene that the block shows. */
    public BlockScript showing(Sentence scene) {
        return new BlockScript(block, arrive, dwell, leave, span, setting, dress, runs, placed, scene);
    }

    /** The same sentences in the px of a format. */
    public BlockScript in(FormatPx px) {
        return px.plain()
                ? this
                : new BlockScript(
                        block,
                        arrive.in(px),
                        dwell.in(px),
                        leave.in(px),
                        px.seen(span),
                        px.seen(setting),
                        px.seen(dress),
                        runs.stream().map(px::seen).toList(),
                        placed.stream().map(px::seen).toList(),
                        px.seen(nested));
    }

    /** The same sentences with no controls but those of numbers, for blocks that are not being changed. */
    public BlockScript numbersOnly() {
        return new BlockScript(
                block,
                arrive.numbersOnly(),
                dwell.numbersOnly(),
                leave.numbersOnly(),
                span.numbersOnly(),
                setting.numbersOnly(),
                dress.numbersOnly(),
                runs.stream().map(Sentence::numbersOnly).toList(),
                placed.stream().map(Sentence::numbersOnly).toList(),
                nested == null ? null : nested.numbersOnly());
    }
}
