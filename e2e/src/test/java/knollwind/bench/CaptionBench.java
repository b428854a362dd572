package knollwind.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Supplier;
import knollwind.core.caption.Caption;
import knollwind.core.caption.Captioned;
import knollwind.core.caption.Captioner;
import knollwind.core.caption.SubRip;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.directions.caption.CaptionScript;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.CaptionLineBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import knollwind.core.sound.Recording;
import knollwind.core.sound.Waveform;
import knollwind.core.speech.SpokenWord;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;

/** How fast an hour of words becomes captions, a long file of captions is read, and the waveform of an hour is worked out. */
final class CaptionBench {
    private static final int WORDS = 9_000;
    private static final int CAPTIONS = 10_000;
    private static final int SECONDS = 3_600;
    private static final int TIMES = 5;
    private static final int ROUNDS = 60;

    private CaptionBench() {}

    static void run() {
        List<SpokenWord> words = words();
        for (String rules : List.of(
                "for broadcast",
                "of at most 20 characters on one line, each 0.7 to 2.5 seconds, never over 16 characters a second",
                "one word at a time, each 0.1 to 2 seconds")) {
            var read = CaptionRuleWords.read(rules, CaptionRuleWords.BROADCAST, 25);
            System.out.printf(
                    "captions, %s: %,d words into %,d captions in %.0f ms (aim 200)%n",
                    rules,
                    WORDS,
                    Captioner.make(words, read).captions().size(),
                    millis(() -> Captioner.make(words, read)));
        }
        row(words);
        byte[] file = SubRip.write(captions()).getBytes(StandardCharsets.UTF_8);
        System.out.printf(
                "captions: %,d of SubRip (%,d bytes) read in %.0f ms (aim 300)%n",
                CAPTIONS, file.length, millis(() -> SubRip.read(file)));
        short[] samples = new short[Recording.RATE * Recording.CHANNELS];
        new Random(3)
                .ints(samples.length)
                .forEach(value -> samples[Math.floorMod(value, samples.length)] = (short) value);
        System.out.printf(
                "waveform of one hour, without reading it: %.1f s (aim 10)%n",
                millis(() -> {
                            Waveform waveform = new Waveform();
                            for (int i = 0; i < SECONDS; i++) {
                                waveform.add(samples, Recording.RATE);
                            }
                            return waveform.bytes();
                        })
                        / 1000);
    }

    /** The demo's announcement with its own three captions, with none, and with an hour of them that hang on an hour of words. */
    private static void row(List<SpokenWord> words) {
        Project demo;
        try {
            demo = DocumentJson.read(Files.readString(Path.of("..", "demo", "ternholm-night-ferry.json")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Scene own = demo.scene("announcement");
        Project none = with(demo, CaptionCopies.withoutRow(own), demo.voices());
        Project hour = hour(demo, own, words, "a".repeat(64));
        Typesetter typesetter = new Typesetter(new FontLibrary());
        Map<String, Project> projects = new LinkedHashMap<>();
        projects.put("none", none);
        projects.put("3", demo);
        projects.put("an hour", hour);
        Map<String, Double> best = new LinkedHashMap<>();
        // In turn, so that what the machine does beside is met by all alike.
        for (int i = 0; i < ROUNDS; i++) {
            projects.forEach((name, project) -> {
                Scene scene = project.scene("announcement");
                long before = System.nanoTime();
                SceneScore.of(project, scene, scene.formats().get(0), typesetter)
                        .at(40);
                best.merge(name, (System.nanoTime() - before) / 1e6, Math::min);
            });
        }
        best.forEach((name, millis) -> System.out.printf(
                "captions of a scene, %s: laid out and one frame made in %.1f ms, %.2f times as long as with the 3"
                        + " (aim 1.2)%n",
                name, millis, millis / best.get("3")));
        Scene scene = hour.scene("announcement");
        System.out.printf(
                "captions, %,d told with times, speeds and faults in %.0f ms%n",
                scene.captions().lines().size(),
                millis(() -> CaptionScript.of(hour, scene, scene.formats().get(0))));
    }

    private static Project with(Project demo, Scene scene, List<Voice> voices) {
        return demo.with(one -> one.scenes(demo.scenes().stream()
                        .map(each -> each.id().equals(scene.id()) ? scene : each)
                        .toList())
                .voices(voices));
    }

    /** @param recording SHA-256 of the hour of sound */
    static Project hour(Project demo, Scene own, List<SpokenWord> words, String recording) {
        List<VoiceWord> said = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            SpokenWord word = words.get(i);
            said.add(new VoiceWord("h" + i, word.text(), word.start(), word.end(), null, null, null));
        }
        Captioned made = Captioner.make(words, CaptionRuleWords.BROADCAST);
        List<CaptionLine> lines = new ArrayList<>();
        double rate = own.rate().perSecond();
        for (int i = 0; i < made.captions().size(); i++) {
            Caption caption = made.captions().get(i);
            int last = (i + 1 < made.begins().size() ? made.begins().get(i + 1) : words.size()) - 1;
            lines.add(CaptionLineBuilder.builder()
                    .id("h" + i)
                    .span(new Span(
                            Rational.near(caption.start() * rate),
                            Rational.near(Math.max(caption.start() * rate + 1, caption.end() * rate)),
                            TimeLink.onWord("hour.h" + made.begins().get(i), false, 0),
                            null,
                            null,
                            TimeLink.onWord("hour.h" + last, true, 0)))
                    .text(Map.of("c1", String.join("\n", caption.lines())))
                    .build());
        }
        List<Sound> sounds = new ArrayList<>(own.sounds());
        sounds.add(Sound.whole("hour", "hour", Sound.Kind.VOICE, recording, 3700));
        List<Voice> voices = new ArrayList<>(demo.voices());
        voices.add(new Voice(recording, said, null));
        Scene scene = own.with(one -> one.sounds(sounds).captions(own.captions().withLines(lines)));
        return with(demo, scene, voices);
    }

    /** The quickest of some, after one that warms up. */
    private static double millis(Supplier<?> work) {
        work.get();
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < TIMES; i++) {
            long before = System.nanoTime();
            work.get();
            best = Math.min(best, (System.nanoTime() - before) / 1e6);
        }
        return best;
    }

    /** Two and a half a second, a pause and a mark now and then. */
    static List<SpokenWord> words() {
        Random random = new Random(15);
        List<SpokenWord> words = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < WORDS; i++) {
            String text =
                    "abcdefghijkl".substring(0, 1 + random.nextInt(10)) + (i % 9 == 8 ? "." : i % 5 == 4 ? "," : "");
            double length = 0.1 + 0.05 * text.length();
            words.add(new SpokenWord(text, at, at + length, null));
            at += length + (i % 9 == 8 ? 0.5 : 0.01);
        }
        return words;
    }

    private static List<Caption> captions() {
        List<Caption> captions = new ArrayList<>();
        for (int i = 0; i < CAPTIONS; i++) {
            captions.add(new Caption(2 * i, 2 * i + 1.8, List.of("The lamp on pier two", "will guide you.")));
        }
        return captions;
    }
}
