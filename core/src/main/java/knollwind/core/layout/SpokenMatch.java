package knollwind.core.layout;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TimeLink;
import knollwind.core.speech.PlainForm;
import knollwind.core.speech.WordMatch;

/**
 * The words of a block in what is said: by the voice that says the most of them, near to where the block begins.
 *
 * @param words of the block, in reading order
 * @param said the spoken word for each; null for one that is not said
 */
public record SpokenMatch(List<PlainForm.Stretch> words, List<NamedTime> said) {
    /** A voice, and how its words are compared. */
    record Heard(NamedTimes.Spoken spoken, List<String> plain) {}

    /** What is said in a scene, made ready for comparing. */
    static List<Heard> heard(NamedTimes named) {
        return named.spoken().stream()
                .map(spoken -> new Heard(
                        spoken,
                        spoken.words().stream()
                                .map(word -> PlainForm.of(word.text()))
                                .toList()))
                .toList();
    }

    /** Nothing where no word of the block is said. */
    public static Optional<SpokenMatch> of(TextBlock block, NamedTimes named) {
        return of(block, named, heard(named));
    }

    static Optional<SpokenMatch> of(TextBlock block, NamedTimes named, List<Heard> voices) {
        List<PlainForm.Stretch> words = PlainForm.words(block.text());
        List<String> plain = words.stream().map(PlainForm.Stretch::plain).toList();
        double begin = begin(block.span(), named);
        SpokenMatch best = null;
        long most = 0;
        for (Heard voice : voices) {
            int[] found = WordMatch.match(plain, voice.plain(), voice.spoken().nearest(begin));
            long count =
                    Arrays.stream(found).filter(one -> one != WordMatch.NONE).count();
            if (count > most) {
                most = count;
                NamedTimes.Spoken spoken = voice.spoken();
                best = new SpokenMatch(
                        words,
                        Arrays.stream(found)
                                .mapToObj(one -> one == WordMatch.NONE
                                        ? null
                                        : spoken.named(spoken.words().get(one)))
                                .toList());
            }
        }
        return Optional.ofNullable(best);
    }

    /** The frame near which its words are looked for: that of the word it hangs on, or its own start. */
    private static double begin(Span span, NamedTimes named) {
        TimeLink link = span.startsAt();
        return (link == null || link.cue() == null
                        ? span.start()
                        : named.find(link.cue()).map(NamedTime::at).orElse(span.start()))
                .value();
    }
}
