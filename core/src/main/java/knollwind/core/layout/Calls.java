package knollwind.core.layout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.motion.TimedText;
import knollwind.core.motion.Turns;
import knollwind.core.scene.Block;
import knollwind.core.scene.Moments;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TimeLink;
import knollwind.core.speech.PlainForm;
import knollwind.core.speech.WordMatch;

/**
 * By which moments of a scene the pieces of its blocks are called. The words of a block are looked for in what is said, near to where
 * the block begins. Not safe for threads.
 */
final class Calls {
    private final NamedTimes named;
    private final Map<String, Turns> known = new HashMap<>();
    private List<Heard> voices;

    /** A voice, and how its words are compared. */
    private record Heard(NamedTimes.Spoken spoken, List<String> plain) {}

    Calls(NamedTimes named) {
        this.named = named;
    }

    NamedTimes named() {
        return named;
    }

    Turns of(Block block) {
        boolean words = Turns.counted(block, Moments.By.WORDS);
        boolean cues = Turns.counted(block, Moments.By.CUES);
        if (!words && !cues) {
            return Turns.NONE;
        }
        return known.computeIfAbsent(
                block.id(),
                id -> new Turns(
                        words ? block.asWords().map(this::spoken).orElse(List.of()) : List.of(),
                        cues
                                ? named.cues().stream()
                                        .map(cue -> cue.at().value())
                                        .toList()
                                : List.of()));
    }

    private List<Heard> voices() {
        if (voices == null) {
            voices = named.spoken().stream()
                    .map(spoken -> new Heard(
                            spoken,
                            spoken.words().stream()
                                    .map(word -> PlainForm.of(word.text()))
                                    .toList()))
                    .toList();
        }
        return voices;
    }

    /** The words of the block with the times of the voice that says the most of them. */
    private List<TimedText> spoken(TextBlock block) {
        List<PlainForm.Stretch> words = PlainForm.words(block.text());
        List<String> plain = words.stream().map(PlainForm.Stretch::plain).toList();
        double begin = begin(block.span());
        List<TimedText> best = List.of();
        long most = 0;
        for (Heard voice : voices()) {
            int[] found = WordMatch.match(plain, voice.plain, voice.spoken.nearest(begin));
            long said =
                    Arrays.stream(found).filter(one -> one != WordMatch.NONE).count();
            if (said > most) {
                most = said;
                best = timed(words, found, voice.spoken);
            }
        }
        return best;
    }

    /** The frame near which its words are looked for: that of the word it hangs on, or its own start. */
    private double begin(Span span) {
        TimeLink link = span.startsAt();
        Rational there = link == null || link.cue() == null
                ? null
                : named.find(link.cue()).map(NamedTime::at).orElse(null);
        return (there == null ? span.start() : there).value();
    }

    /** Words that are not said stand evenly between their neighbours. */
    private static List<TimedText> timed(List<PlainForm.Stretch> words, int[] found, NamedTimes.Spoken spoken) {
        List<TimedText> timed = new ArrayList<>();
        for (int i = 0; i < found.length; i++) {
            PlainForm.Stretch word = words.get(i);
            if (found[i] != WordMatch.NONE) {
                NamedTime time = spoken.named(spoken.words().get(found[i]));
                timed.add(new TimedText(
                        word.from(), word.to(), time.at().value(), time.until().value(), true));
                continue;
            }
            int before = i;
            while (before >= 0 && found[before] == WordMatch.NONE) {
                before--;
            }
            int after = i;
            while (after < found.length && found[after] == WordMatch.NONE) {
                after++;
            }
            NamedTime from = before < 0 ? null : spoken.named(spoken.words().get(found[before]));
            NamedTime to =
                    after == found.length ? null : spoken.named(spoken.words().get(found[after]));
            double part = (double) (i - before) / (after - before);
            double at = from == null
                    ? to.at().value()
                    : to == null
                            ? from.at().value()
                            : from.at().value()
                                    + part * (to.at().value() - from.at().value());
            double until =
                    to == null ? from.until().value() : Math.max(at, to.at().value());
            timed.add(new TimedText(word.from(), word.to(), at, until, false));
        }
        return timed;
    }
}
