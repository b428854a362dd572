package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import knollwind.core.speech.Aligned;

/**
 * Puts a new recording in the place of a voice. What hung on a word hangs on the word that stands in its place in the least edits. A
 * correction by hand moves with its word where the words beside it moved alike; else it is to be looked at again.
 *
 * @param recording the new one, as it was taken in
 * @param words in the order in which they are said in it
 * @param approximate whether they were spread over the sound and not found in it
 */
public record ReplaceRecording(
        String scene, String sound, Recorded recording, List<Aligned.Word> words, boolean approximate)
        implements Intent {
    /** Seconds by which two neighbours may have moved differently, and still have moved alike. */
    private static final double ALIKE = 0.06;

    /** Seconds below which nothing has moved. */
    private static final double STILL = 0.005;

    private static final String AGAIN = "was set by hand in the recording before";

    /** A recording that has been taken in. */
    public record Recorded(String name, String sha256, double seconds) {}

    public ReplaceRecording {
        Check.present(recording, "the new recording");
        words = Check.list(words);
        if (words.isEmpty()) {
            throw new IllegalArgumentException("there are no words of the new recording");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Project project = draft.project();
        Scene open = draft.scene(scene);
        Sound old = Sounds.of(open, sound);
        Voice before = Voices.of(project, old.sha256());
        List<VoiceWord> made = carried(before.words());
        Voice after = new Voice(recording.sha256(), Voices.ordered(made), approximate ? true : null);
        Sound heard = old.with(now -> now.name(recording.name())
                .sha256(recording.sha256())
                .seconds(recording.seconds())
                .from(0)
                .to(null));
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Set("scenes/" + scene + "/sounds/" + sound, DocumentJson.tree(heard)));
        operations.add(Voices.put(project, after));
        boolean played = project.scenes().stream()
                .flatMap(one -> one.sounds().stream().filter(other -> one != open || other != old))
                .anyMatch(other -> other.sha256().equals(before.id()));
        if (!played && !before.id().equals(after.id())) {
            operations.add(new Operation.Remove("voices/" + before.id()));
        }
        return Outcome.saying(operations, said(before.words(), after.words()));
    }

    private List<VoiceWord> carried(List<VoiceWord> old) {
        List<VoiceWord> partners = Voices.partners(words, old);
        Ids ids = new Ids(old.stream().map(VoiceWord::id).toList());
        List<VoiceWord> made = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            Aligned.Word word = words.get(i);
            VoiceWord there = partners.get(i);
            VoiceWord found = Voices.found(word, there, ids);
            if (there == null || there.byHand() == null) {
                made.add(found);
                continue;
            }
            double last = moved(i, -1, partners);
            double next = moved(i, 1, partners);
            boolean alike = Math.abs(last - next) <= ALIKE;
            double by = (last + next) / 2;
            made.add(
                    alike
                            ? found.with(one -> one.start(Voices.rounded(Math.max(0, there.start() + by)))
                                    .end(Voices.rounded(there.end() + by))
                                    .sure(1.0)
                                    .doubt(null)
                                    .byHand(true))
                            : found.withDoubt(word.doubt() == null ? AGAIN : word.doubt()));
        }
        return made;
    }

    /** By how much the nearest word on one side moved whose times were found in both; that on the other side where there is none. */
    private double moved(int from, int step, List<VoiceWord> partners) {
        for (int way : new int[] {step, -step}) {
            for (int i = from + way; i >= 0 && i < partners.size(); i += way) {
                VoiceWord there = partners.get(i);
                if (there != null && there.byHand() == null) {
                    return words.get(i).start() - there.start();
                }
            }
        }
        return 0;
    }

    private static String said(List<VoiceWord> before, List<VoiceWord> after) {
        int moved = 0;
        int gone = 0;
        double most = 0;
        for (VoiceWord word : before) {
            VoiceWord there = after.stream()
                    .filter(one -> one.id().equals(word.id()))
                    .findFirst()
                    .orElse(null);
            if (there == null) {
                gone++;
            } else if (Math.abs(there.start() - word.start()) > STILL) {
                moved++;
                most = Math.max(most, Math.abs(there.start() - word.start()));
            }
        }
        return moved + " of " + before.size() + " words moved"
                + (moved > 0 ? ", by " + Voices.said(most) + " at most" : "")
                + (gone > 0 ? "; " + gone + (gone == 1 ? " is" : " are") + " not said any more" : "");
    }
}
