package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Numbers;
import knollwind.core.scene.Project;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import knollwind.core.speech.Aligned;
import knollwind.core.speech.PlainForm;
import knollwind.core.speech.WordMatch;

/** The words of voices, and the operations that change them. */
final class Voices {
    /** Seconds that a word lasts at least. */
    static final double LEAST = 0.02;

    private Voices() {}

    /** @throws IllegalArgumentException where the recording has no words yet */
    static Voice of(Project project, String id) {
        return project.voices().stream()
                .filter(voice -> voice.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "this recording has no words yet; give it a script or listen for its words first"));
    }

    /** The place of a word. */
    static int index(Voice voice, String word) {
        for (int i = 0; i < voice.words().size(); i++) {
            if (voice.words().get(i).id().equals(word)) {
                return i;
            }
        }
        throw new IllegalArgumentException("the voice has no word '" + word + "' any more");
    }

    /** Puts a voice in place of what is known of its recording. */
    static Operation put(Project project, Voice voice) {
        boolean there = project.voices().stream().anyMatch(one -> one.id().equals(voice.id()));
        return there
                ? new Operation.Set("voices/" + voice.id(), DocumentJson.tree(voice))
                : Nodes.append("voices", project.voices().size(), DocumentJson.tree(voice));
    }

    static String path(Voice voice, VoiceWord word) {
        return "voices/" + voice.id() + "/words/" + word.id();
    }

    static Operation set(Voice voice, VoiceWord word) {
        return new Operation.Set(path(voice, word), DocumentJson.tree(word));
    }

    static Ids ids(Voice voice) {
        return new Ids(voice.words().stream().map(VoiceWord::id).toList());
    }

    /** Seconds to a thousandth, as they are shown. */
    static double rounded(double seconds) {
        return Math.rint(seconds * 1000) / 1000;
    }

    /** "1.25 s" */
    static String said(double seconds) {
        return Numbers.text(Math.rint(seconds * 100) / 100) + " s";
    }

    /** A word that is said from one moment to another, the end after the start whatever comes. */
    static VoiceWord word(String id, String text, double start, double end, Double sure, String doubt) {
        double from = rounded(Math.max(0, start));
        return new VoiceWord(id, text, from, Math.max(from + 0.001, rounded(end)), sure, doubt, null);
    }

    /** For each word of a new reading the one that it stands in the place of, by the least edits; null for one that is new. */
    static List<VoiceWord> partners(List<Aligned.Word> words, List<VoiceWord> old) {
        int[] pairs = WordMatch.pair(
                words.stream().map(word -> PlainForm.of(word.text())).toList(),
                old.stream().map(word -> PlainForm.of(word.text())).toList());
        return Arrays.stream(pairs)
                .mapToObj(pair -> pair == WordMatch.NONE ? null : old.get(pair))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    /** A word as it was found, under the id of the one that it stands in the place of. */
    static VoiceWord found(Aligned.Word word, VoiceWord there, Ids ids) {
        return word(
                there == null ? ids.first("w") : there.id(),
                word.text(),
                word.start(),
                word.end(),
                word.sure(),
                word.doubt());
    }

    /** Words in the order in which they are said. */
    static List<VoiceWord> ordered(List<VoiceWord> words) {
        List<VoiceWord> ordered = new ArrayList<>();
        double last = 0;
        for (VoiceWord word : words) {
            double start = Math.max(last, word.start());
            ordered.add(word.with(one -> one.start(start).end(Math.max(start + 0.001, word.end()))));
            last = start;
        }
        return ordered;
    }
}
