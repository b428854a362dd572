package knollwind.bench;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;
import knollwind.core.caption.Caption;
import knollwind.core.caption.Captioner;
import knollwind.core.caption.SubRip;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.sound.Recording;
import knollwind.core.sound.Waveform;
import knollwind.core.speech.SpokenWord;

/** How fast an hour of words becomes captions, a long file of captions is read, and the waveform of an hour is worked out. */
final class CaptionBench {
    private static final int WORDS = 9_000;
    private static final int CAPTIONS = 10_000;
    private static final int SECONDS = 3_600;
    private static final int TIMES = 5;

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
    private static List<SpokenWord> words() {
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
