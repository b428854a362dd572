package knollwind.core.layout;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TimeLink;
import knollwind.core.scene.VoiceWord;
import knollwind.core.speech.PlainForm;
import knollwind.core.speech.WordMatch;

/**
 * The words of a block in what is said: by the voice that says the most of them, near to where the block begins.
 *
 * @param words of the block, in reading order
 * @param said the spoken word for each; null for one that is not said
 */
public record SpokenMatch(List<PlainForm.Stretch> words, List<NamedTime> said) {
    /** Words before and after the wanted place among which a block's are looked for first: an hour of them would take long. */
    private static final int AROUND = 200;

    private static final Cache<String, String> PLAIN =
            Caffeine.newBuilder().maximumSize(20_000).build();

    /** Nothing where no word of the block is said. */
    public static Optional<SpokenMatch> of(TextBlock block, NamedTimes named) {
        List<PlainForm.Stretch> words = PlainForm.words(block.text());
        List<String> plain = words.stream().map(PlainForm.Stretch::plain).toList();
        double begin = begin(block.span(), named);
        // Anywhere in what is said only where no voice says all of them nearby.
        List<NamedTime> best = best(plain, named, begin, false);
        if (best == null || best.contains(null)) {
            best = best(plain, named, begin, true);
        }
        return best == null ? Optional.empty() : Optional.of(new SpokenMatch(words, best));
    }

    /** By the voice that says the most of them; null where none says any. */
    private static List<NamedTime> best(List<String> plain, NamedTimes named, double begin, boolean anywhere) {
        List<NamedTime> best = null;
        long most = 0;
        for (NamedTimes.Spoken spoken : named.spoken()) {
            int near = spoken.nearest(begin);
            int from = anywhere ? 0 : Math.max(0, near - AROUND);
            int to = anywhere
                    ? spoken.words().size()
                    : Math.min(spoken.words().size(), near + AROUND + 2 * plain.size());
            List<NamedTime> said = said(plain, spoken, spoken.words().subList(from, to), near - from);
            long count = said.stream().filter(Objects::nonNull).count();
            if (count > most) {
                most = count;
                best = said;
            }
        }
        return best;
    }

    private static List<NamedTime> said(List<String> plain, NamedTimes.Spoken spoken, List<VoiceWord> among, int near) {
        List<String> heard = among.stream()
                .map(word -> PLAIN.get(word.text(), PlainForm::of))
                .toList();
        List<NamedTime> said = new ArrayList<>();
        for (int found : WordMatch.match(plain, heard, near)) {
            said.add(found == WordMatch.NONE ? null : spoken.named(among.get(found)));
        }
        return said;
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
