package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.scene.Check;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import knollwind.core.speech.Aligned;

/**
 * Gives a recording its words. Words that were there before keep their ids, so that what hangs on them stays, and the times that were
 * set by hand.
 *
 * @param voice SHA-256 of the recording
 * @param words in the order in which they are said
 * @param approximate whether they were spread over the sound and not found in it
 */
public record SetWords(String voice, List<Aligned.Word> words, boolean approximate) implements Intent {
    public SetWords {
        words = Check.list(words);
        if (words.isEmpty()) {
            throw new IllegalArgumentException("there are no words to give to the recording");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Optional<Voice> before = draft.project().voices().stream()
                .filter(one -> one.id().equals(voice))
                .findFirst();
        List<VoiceWord> old = before.map(Voice::words).orElse(List.of());
        List<VoiceWord> partners = Voices.partners(words, old);
        Ids ids = new Ids(old.stream().map(VoiceWord::id).toList());
        List<VoiceWord> made = new ArrayList<>();
        int kept = 0;
        for (int i = 0; i < words.size(); i++) {
            Aligned.Word word = words.get(i);
            VoiceWord there = partners.get(i);
            if (there != null && there.byHand() != null) {
                kept++;
                made.add(there.withText(word.text()));
            } else {
                made.add(Voices.found(word, there, ids));
            }
        }
        Voice after = new Voice(voice, Voices.ordered(made), approximate ? true : null);
        long unsure =
                after.words().stream().filter(word -> word.doubt() != null).count();
        return Outcome.saying(List.of(Voices.put(draft.project(), after)), said(unsure, kept));
    }

    private String said(long unsure, int kept) {
        String count = words.size() == 1 ? "1 word" : words.size() + " words";
        return count
                + (unsure > 0 ? ", " + unsure + " unsure" : "")
                + (kept > 0 ? "; " + kept + " set by hand stay" : "")
                + (approximate ? "; their times are approximate" : "");
    }
}
