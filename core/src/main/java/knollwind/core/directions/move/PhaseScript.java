package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.controls.Sentence;

/**
 * A phase as the page shows it.
 *
 * @param sentences one for each move
 * @param texts the sentences' bare texts
 * @param length frames that the phase lasts
 * @param lengthControl changes the phase's length; null where no move gives it one
 * @param whole says how long the phase lasts, with that control as its part; null where no move gives it a length
 * @param offers moves that can be added
 */
public record PhaseScript(
        List<Sentence> sentences,
        List<String> texts,
        double length,
        Control lengthControl,
        Sentence whole,
        List<Control.Option> offers) {
    /** The same in the px of a format. */
    public PhaseScript in(FormatPx px) {
        return new PhaseScript(
                sentences.stream().map(px::seen).toList(),
                texts.stream().map(px::seen).toList(),
                length,
                lengthControl,
                whole,
                offers);
    }

    public PhaseScript numbersOnly() {
        return new PhaseScript(
                sentences.stream().map(Sentence::numbersOnly).toList(), texts, length, lengthControl, whole, List.of());
    }
}
