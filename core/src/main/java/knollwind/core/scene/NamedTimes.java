package knollwind.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/** The cues of a scene and the words that are spoken in it, at its frames. A word's id is its sound's, a dot, and its own. */
public final class NamedTimes {
    /** Seconds before and after the start and the end of a block in which words are offered to it. */
    private static final double AROUND = 2;

    /** More are not chosen from a list. */
    private static final int MOST = 40;

    private final Scene scene;
    private final List<Sound> sounds;
    private final Map<String, Voice> voices;
    private final Map<String, NamedTime> cues;
    /** Of the voices that were asked for: an hour of one is searched once. */
    private final Map<String, Map<String, VoiceWord>> words = new ConcurrentHashMap<>();

    /** Null until it is asked for. */
    private List<Spoken> said;

    private NamedTimes(Scene scene, List<Sound> sounds, Map<String, Voice> voices) {
        this.scene = scene;
        this.sounds = sounds;
        this.voices = voices;
        this.cues = scene.cues().stream()
                .collect(Collectors.toMap(Cue::id, cue -> new NamedTime(cue.id(), cue.name(), cue.at(), cue.at())));
    }

    public static NamedTimes of(Project project, Scene scene) {
        Map<String, Voice> voices = new HashMap<>();
        for (Voice voice : project.voices()) {
            voices.put(voice.id(), voice);
        }
        return new NamedTimes(scene, OnwardSounds.heard(project, scene), voices);
    }

    /** The cue or the spoken word with this id; nothing where it is gone, or cut off with its part of the sound. */
    public Optional<NamedTime> find(String id) {
        NamedTime cue = cues.get(id);
        if (cue != null) {
            return Optional.of(cue);
        }
        int dot = id.lastIndexOf('.');
        return dot < 0
                ? Optional.empty()
                : sounds.stream()
                        .filter(sound -> sound.id().equals(id.substring(0, dot)))
                        .findFirst()
                        .flatMap(sound -> Optional.ofNullable(
                                        words(sound.sha256()).get(id.substring(dot + 1)))
                                .filter(word -> heard(sound, word))
                                .map(word -> named(sound, word, scene.rate())));
    }

    private Map<String, VoiceWord> words(String recording) {
        return words.computeIfAbsent(recording, id -> {
            Map<String, VoiceWord> byId = new HashMap<>();
            Voice voice = voices.get(id);
            if (voice != null) {
                voice.words().forEach(word -> byId.put(word.id(), word));
            }
            return byId;
        });
    }

    /** All sounds of the scene, those too that have run on into it. */
    public List<Sound> sounds() {
        return sounds;
    }

    /** The cues, in time. */
    public List<NamedTime> cues() {
        return cues.values().stream()
                .sorted(Comparator.comparing(NamedTime::at))
                .toList();
    }

    /** What a block may hang on: the cues, what it hangs on already, and the words that are spoken around its start and its end. */
    public List<NamedTime> offered(Span span) {
        Set<NamedTime> offered = new LinkedHashSet<>(cues());
        for (BlockEdge edge : BlockEdge.values()) {
            TimeLink link = span.hang(edge);
            if (link != null && link.cue() != null) {
                find(link.cue()).ifPresent(offered::add);
            }
        }
        for (Spoken spoken : spoken()) {
            spoken.words().stream()
                    .filter(word -> near(spoken, word, span.start()) || near(spoken, word, span.end()))
                    .limit(MOST)
                    .map(spoken::named)
                    .forEach(offered::add);
        }
        return List.copyOf(offered);
    }

    private boolean near(Spoken spoken, VoiceWord word, Rational moment) {
        double around = AROUND * scene.rate().perSecond();
        return spoken.sound().frame(word.end(), scene.rate()) > moment.value() - around
                && spoken.sound().frame(word.start(), scene.rate()) < moment.value() + around;
    }

    /** What is said in the scene's sounds, as far as its words are known. */
    public synchronized List<Spoken> spoken() {
        if (said == null) {
            said = saidIn();
        }
        return said;
    }

    private List<Spoken> saidIn() {
        List<Spoken> spoken = new ArrayList<>();
        for (Sound sound : sounds) {
            Voice voice = voices.get(sound.sha256());
            if (voice != null) {
                List<VoiceWord> heard = voice.words().stream()
                        .filter(word -> heard(sound, word))
                        .toList();
                if (!heard.isEmpty()) {
                    spoken.add(new Spoken(sound, heard, scene.rate()));
                }
            }
        }
        return List.copyOf(spoken);
    }

    /**
     * The words of a sound that are heard in the scene.
     *
     * @param words in the order in which they are said
     */
    public record Spoken(Sound sound, List<VoiceWord> words, FrameRate rate) {
        /** The index of the word that begins nearest to a frame. */
        public int nearest(double frame) {
            int nearest = 0;
            for (int i = 1; i < words.size(); i++) {
                if (away(i, frame) < away(nearest, frame)) {
                    nearest = i;
                }
            }
            return nearest;
        }

        private double away(int word, double frame) {
            return Math.abs(sound.frame(words.get(word).start(), rate) - frame);
        }

        /** A word at the scene's frames. */
        public NamedTime named(VoiceWord word) {
            return NamedTimes.named(sound, word, rate);
        }
    }

    private static boolean heard(Sound sound, VoiceWord word) {
        return word.end() > sound.from() && word.start() < sound.end();
    }

    private static NamedTime named(Sound sound, VoiceWord word, FrameRate rate) {
        return new NamedTime(
                sound.id() + "." + word.id(),
                word.text(),
                frame(sound, word.start(), rate),
                frame(sound, word.end(), rate));
    }

    private static Rational frame(Sound sound, double second, FrameRate rate) {
        return Rational.near(sound.frame(second, rate));
    }
}
