package knollwind.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import knollwind.core.sound.Recording;
import knollwind.core.speech.Aligned;
import knollwind.core.speech.PlainForm;
import knollwind.core.speech.Script;
import knollwind.core.speech.SpokenWord;
import knollwind.core.speech.WordMatch;
import knollwind.paint.EncoderCommand;
import knollwind.paint.SoundFile;
import knollwind.voice.Drafters;
import knollwind.voice.MadeVoice;
import knollwind.voice.SphinxAligner;

/**
 * How well words are found in made recordings whose times are known: shifted, encoded anew, with hiss, hum or music. With the script as it
 * is, with a sentence missing in it, and with one too many.
 */
final class AlignBench {
    private static final List<String> TEXTS = List.of(
            "The last boat home leaves at eleven. Bring a coat, the deck is windy. The lamp on pier two will guide you.",
            "Welcome aboard the Moorhen. This is the night ferry from Ternholm to Lowmere and Kesset Point. We are due in"
                    + " Lowmere at 23:40, with the tide behind us.",
            "Fog on the sound. All sailings after nine are delayed by twenty minutes. Listen for the bell, and keep to the"
                    + " lit side of the quay.",
            "Skipper Ines Tarrow has sailed this crossing for thirty one years. She says the river is never the same colour"
                    + " twice.",
            "If you have a bicycle, wait by the red gate. If you have a dog, wait by the green one. If you have both, wait"
                    + " for Tomas.",
            "Tonight at the harbour hall: three short films about water, bread and light. Doors open at half past seven."
                    + " Entry is free, the soup is not.",
            "Wind from the south west, force five, rising six later. Waves of one metre in the outer channel. Small craft"
                    + " should stay at home.",
            "The Little Auk is out of service until Thursday. The Grey Seal will call at piers one, two and four instead."
                    + " Tickets remain valid.",
            "Please stand clear of the ramp while it is moving. Hold small children by the hand, and large ones by their"
                    + " attention.",
            "There are two hundred and twelve steps from the quay to the lighthouse. Nobody has ever counted them the same"
                    + " way down.",
            "We stop where there is light. We wait where there is none. Nobody who stands on a pier of ours is left behind"
                    + " tonight.",
            "Havnskar, Ternholm, Lowmere, Kesset Point, and all stations to the outer islands. Change at Ternholm for the"
                    + " morning boat.");

    private static final List<MadeVoice> VOICES =
            List.of(MadeVoice.SLT, MadeVoice.RMS, MadeVoice.AWB, MadeVoice.EN_GB, MadeVoice.EN_US);

    private static final String TOO_MANY = "Nobody told the captain about the seventh lantern. ";
    private static final double RIGHT = 0.2;

    private enum Written {
        AS_SAID,
        A_SENTENCE_MISSING,
        A_SENTENCE_TOO_MANY
    }

    private record Made(String text, List<SpokenWord> words, double later, Path samples) {}

    private AlignBench() {}

    static void run() throws Exception {
        Path folder = Files.createTempDirectory("knollwind-align-");
        List<Made> all = new ArrayList<>();
        for (int i = 0; i < TEXTS.size(); i++) {
            all.add(made(i, folder));
        }
        align(all.get(0), all.get(0).text());
        for (Written written : Written.values()) {
            measure(all, written);
        }
    }

    /** How much of what is said a draft gets wrong where there is no script. */
    static void drafts() throws Exception {
        Path folder = Files.createTempDirectory("knollwind-draft-");
        int wrong = 0;
        int words = 0;
        double heard = 0;
        long before = System.nanoTime();
        long speaking = 0;
        for (int i = 0; i < TEXTS.size(); i++) {
            long began = System.nanoTime();
            Made made = made(i, folder);
            speaking += System.nanoTime() - began;
            try (SoundFile sound = new SoundFile(made.samples())) {
                Aligned draft = Drafters.of(null).draft(sound, sound.frames());
                wrong += edits(
                        plain(made.text()),
                        plain(String.join(
                                " ",
                                draft.words().stream().map(Aligned.Word::text).toList())));
                heard += (double) sound.frames() / Recording.RATE;
            }
            words += plain(made.text()).size();
        }
        System.out.printf(
                "drafts: %d of %d words wrong, missing or put in: %.0f %%; %.2f of real time%n",
                wrong, words, 100.0 * wrong / words, (System.nanoTime() - before - speaking) / 1e9 / heard);
    }

    private static List<String> plain(String text) {
        return List.of(text.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}' ]", " ")
                .strip()
                .split("\\s+"));
    }

    /** The least words to be exchanged, taken away and put in (Levenshtein 1966). */
    private static int edits(List<String> one, List<String> other) {
        int[] last = new int[other.size() + 1];
        for (int k = 0; k <= other.size(); k++) {
            last[k] = k;
        }
        for (int i = 1; i <= one.size(); i++) {
            int[] now = new int[other.size() + 1];
            now[0] = i;
            for (int k = 1; k <= other.size(); k++) {
                int same = last[k - 1] + (one.get(i - 1).equals(other.get(k - 1)) ? 0 : 1);
                now[k] = Math.min(same, 1 + Math.min(last[k], now[k - 1]));
            }
            last = now;
        }
        return last[other.size()];
    }

    private static Made made(int i, Path folder) throws IOException, InterruptedException {
        Path wav = folder.resolve(i + ".wav");
        double speed = 120 + i * 37 % 81;
        List<SpokenWord> words = VOICES.get(i % VOICES.size()).say(TEXTS.get(i), speed, wav);
        int later = 300 + 170 * i;
        String bed = switch (i % 4) {
            case 1 -> "aevalsrc='0.02*sin(2*PI*50*t)+0.01*sin(2*PI*150*t)+0.006*random(0)'";
            case 3 ->
                "aevalsrc='0.35*(0.15*sin(2*PI*220*t)*(0.6+0.4*sin(2*PI*2*t))+0.1*sin(2*PI*277.2*t)"
                        + "+0.08*sin(2*PI*329.6*t)*lt(mod(t,0.5),0.25))'";
            default -> "aevalsrc='0.002*(random(0)-0.5)'";
        };
        Path encoded = folder.resolve(i + (i % 2 == 0 ? ".mp3" : ".opus"));
        new ProcessBuilder(
                        EncoderCommand.ffmpeg(),
                        "-v",
                        "error",
                        "-nostdin",
                        "-y",
                        "-i",
                        wav.toString(),
                        "-filter_complex",
                        "[0:a]adelay=" + later + ",aresample=48000[v];" + bed
                                + ":s=48000[m];[v][m]amix=2:duration=first:normalize=0",
                        "-ar",
                        "48000",
                        encoded.toString())
                .inheritIO()
                .start()
                .waitFor();
        Path samples = folder.resolve(i + ".samples");
        SoundFile.unpack(encoded, samples, folder, EncoderCommand.ffmpeg());
        return new Made(TEXTS.get(i), words, later / 1000.0, samples);
    }

    private static Aligned align(Made made, String script) throws IOException {
        try (SoundFile sound = new SoundFile(made.samples())) {
            return new SphinxAligner().align(sound, sound.frames(), Script.of(script));
        }
    }

    private static String script(String text, Written written) {
        int second = text.indexOf(". ") + 2;
        int third = text.indexOf(". ", second);
        return switch (written) {
            case AS_SAID -> text;
            case A_SENTENCE_MISSING -> text.substring(0, second) + (third < 0 ? "" : text.substring(third + 2));
            case A_SENTENCE_TOO_MANY -> text.substring(0, second) + TOO_MANY + text.substring(second);
        };
    }

    /** For each word of the script its place in what is said; -1 for one that is not. */
    private static int[] places(String text, Written written, int count) {
        int second = text.indexOf(". ") + 2;
        int third = text.indexOf(". ", second);
        int first = Script.of(text.substring(0, second)).words().size();
        int missing = Script.of(text.substring(second, third < 0 ? text.length() : third + 1))
                .words()
                .size();
        int more = Script.of(TOO_MANY).words().size();
        return IntStream.range(0, count)
                .map(i -> i < first
                        ? i
                        : switch (written) {
                            case AS_SAID -> i;
                            case A_SENTENCE_MISSING -> i + missing;
                            case A_SENTENCE_TOO_MANY -> i < first + more ? -1 : i - more;
                        })
                .toArray();
    }

    private static void measure(List<Made> all, Written written) throws IOException {
        List<Double> errors = new ArrayList<>();
        int right = 0;
        int marked = 0;
        int named = 0;
        double took = 0;
        double heard = 0;
        for (Made made : all) {
            String script = script(made.text(), written);
            long before = System.nanoTime();
            Aligned aligned = align(made, script);
            took += (System.nanoTime() - before) / 1e9;
            heard += (double) Files.size(made.samples()) / 4 / Recording.RATE;
            named += aligned.others().isEmpty()
                            && aligned.words().stream().noneMatch(word -> Aligned.NOT_SAID.equals(word.doubt()))
                    ? 0
                    : 1;
            int[] partners = WordMatch.pair(
                    Script.of(made.text()).words().stream()
                            .map(word -> PlainForm.of(word.text()))
                            .toList(),
                    made.words().stream().map(word -> PlainForm.of(word.text())).toList());
            int[] places = places(made.text(), written, aligned.words().size());
            for (int i = 0; i < places.length; i++) {
                int partner = places[i] < 0 ? WordMatch.NONE : partners[places[i]];
                if (partner == WordMatch.NONE) {
                    continue;
                }
                Aligned.Word word = aligned.words().get(i);
                double off = Math.abs(word.start() - made.words().get(partner).start() - made.later());
                right += off <= RIGHT ? 1 : 0;
                marked += off <= RIGHT && word.doubt() != null ? 1 : 0;
                if (word.doubt() == null) {
                    errors.add(off * 1000);
                }
            }
        }
        Collections.sort(errors);
        System.out.printf(
                Locale.ROOT,
                "align, script %-20s %d recordings, %d words not marked: start off by %.1f ms (mean), %.1f (90 %%), %.1f"
                        + " (worst); %d of %d right words marked (%.1f %%); the difference named in %d; %.3f x real time%n",
                written.name().toLowerCase(Locale.ROOT).replace('_', ' ') + ":",
                all.size(),
                errors.size(),
                errors.stream().mapToDouble(Double::doubleValue).average().orElse(0),
                errors.get((int) (errors.size() * 0.9)),
                errors.get(errors.size() - 1),
                marked,
                right,
                100.0 * marked / right,
                named,
                took / heard);
    }
}
