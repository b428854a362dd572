package knollwind.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import knollwind.core.motion.TimedText;
import knollwind.core.motion.Turns;
import knollwind.core.scene.Block;
import knollwind.core.scene.Moments;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.TextBlock;
import knollwind.core.speech.PlainForm;

/** By which moments of a scene the pieces of its blocks are called. Not safe for threads. */
final class Calls {
    private final NamedTimes named;
    private final Set<String> unheard;
    private final Map<String, Turns> known = new HashMap<>();

    /** @param unheard ids of blocks whose words nobody says: they share the block's time by their letters */
    Calls(NamedTimes named, Set<String> unheard) {
        this.named = named;
        this.unheard = unheard;
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

    private List<TimedText> spoken(TextBlock block) {
        if (unheard.contains(block.id())) {
            return shared(block);
        }
        return SpokenMatch.of(block, named).map(Calls::timed).orElse(List.of());
    }

    private static List<TimedText> shared(TextBlock block) {
        List<PlainForm.Stretch> words = PlainForm.words(block.text());
        double letters = words.stream().mapToInt(Calls::letters).sum();
        double at = block.span().start().value();
        double length = block.span().length();
        List<TimedText> shared = new ArrayList<>();
        for (PlainForm.Stretch word : words) {
            double to = at + length * letters(word) / letters;
            shared.add(new TimedText(word.from(), word.to(), at, to, true));
            at = to;
        }
        return shared;
    }

    /** With the space behind it. */
    private static int letters(PlainForm.Stretch word) {
        return word.to() - word.from() + 1;
    }

    /** Words that are not said stand evenly between their neighbours. */
    private static List<TimedText> timed(SpokenMatch match) {
        List<NamedTime> said = match.said();
        List<TimedText> timed = new ArrayList<>();
        int before = -1;
        for (int i = 0; i < said.size(); i++) {
            NamedTime own = said.get(i);
            before = own == null ? before : i;
            int after = i;
            while (after < said.size() && said.get(after) == null) {
                after++;
            }
            NamedTime last = before < 0 ? null : said.get(before);
            NamedTime next = after == said.size() ? null : said.get(after);
            double from = (last == null ? next : last).at().value();
            double to = next == null ? from : next.at().value();
            double part = own != null ? 0 : (double) (i - before) / (after - before);
            double until = own != null || next == null
                    ? (own == null ? last : own).until().value()
                    : next.at().value();
            timed.add(new TimedText(
                    match.words().get(i).from(),
                    match.words().get(i).to(),
                    last == null ? to : from + part * (to - from),
                    until,
                    own != null));
        }
        return timed;
    }
}
