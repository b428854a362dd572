package knollwind.core.layout;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.motion.Levels;
import knollwind.core.motion.TimedText;
import knollwind.core.motion.Turns;
import knollwind.core.scene.Block;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Moments;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.TextBlock;
import knollwind.core.sound.Envelopes;
import knollwind.core.sound.FollowedLevel;
import knollwind.core.speech.PlainForm;

/** By which moments of a scene the pieces of its blocks are called. Not safe for threads. */
final class Calls {
    /** Levels that are kept: of an hour they are worth keeping. */
    private static final Cache<Source, Levels> LEVELS =
            Caffeine.newBuilder().maximumSize(64).build();

    private final Scene scene;
    private final NamedTimes named;
    private final Set<String> unheard;
    private final Envelopes envelopes;
    private final Map<String, Turns> known = new HashMap<>();

    /** @param unheard ids of blocks whose words nobody says: they share the block's time by their letters */
    Calls(Project project, Scene scene, Set<String> unheard, Envelopes envelopes) {
        this.scene = scene;
        this.named = NamedTimes.of(project, scene);
        this.unheard = unheard;
        this.envelopes = envelopes;
    }

    NamedTimes named() {
        return named;
    }

    Turns of(Block block) {
        boolean words = Turns.counted(block, Moments.By.WORDS);
        boolean cues = Turns.counted(block, Moments.By.CUES);
        List<Loudness> followed = Turns.followed(block);
        if (!words && !cues && followed.isEmpty()) {
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
                                : List.of(),
                        followed.stream().collect(Collectors.toMap(loudness -> loudness, this::levels))));
    }

    /** All that levels depend on. */
    private record Source(Loudness loudness, List<Part> parts, FrameRate rate, int frames) {
        /** A sound whose recording is there. */
        record Part(String sha256, Rational start, double from, double to) {}
    }

    private Levels levels(Loudness loudness) {
        List<Sound> sounds = named.sounds().stream()
                .filter(sound -> loudness.means(sound) && envelopes.of(sound).isPresent())
                .toList();
        List<Source.Part> parts = sounds.stream()
                .map(sound -> new Source.Part(sound.sha256(), sound.start(), sound.from(), sound.end()))
                .toList();
        Source source = new Source(loudness, parts, scene.rate(), scene.length());
        return LEVELS.get(
                source,
                key -> new Levels(
                        key,
                        !sounds.isEmpty(),
                        FollowedLevel.of(loudness, sounds, scene.rate(), scene.length(), envelopes)));
    }

    /** When the words of a block are said, whatever its moves go by. */
    List<TimedText> spoken(TextBlock block) {
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
