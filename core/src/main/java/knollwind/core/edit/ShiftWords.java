package knollwind.core.edit;

import java.util.List;
import knollwind.core.scene.Check;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;

/**
 * Moves all words of a voice in time, where a recording has been cut or aligned late throughout.
 *
 * @param voice SHA-256 of the recording
 * @param seconds later; negative for earlier. Words stop at the recording's beginning
 */
public record ShiftWords(String voice, double seconds) implements Intent {
    public ShiftWords {
        Check.range(seconds, -60, 60, "by how many seconds words are moved");
    }

    @Override
    public Outcome on(Draft draft) {
        Voice spoken = Voices.of(draft.project(), voice);
        double by = Math.max(seconds, -spoken.words().get(0).start());
        List<VoiceWord> later = spoken.words().stream()
                .map(word -> word.with(one -> one.start(Voices.rounded(Math.max(0, word.start() + by)))
                        .end(Voices.rounded(word.end() + by))))
                .toList();
        return Outcome.of(List.of(Voices.put(draft.project(), spoken.withWords(Voices.ordered(later)))), "");
    }
}
