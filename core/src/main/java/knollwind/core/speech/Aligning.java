package knollwind.core.speech;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What comes of a search: words in seconds, and how sure each is. */
public final class Aligning {
    /** Frames: a stretch that is not in the script counts from here on; what is shorter is a breath. */
    private static final int STRETCH = 30;

    /**
     * Natural logarithm of likelihood that a frame of a word may be behind that of any sounds, on average, more than is usual in the
     * recording, before the word is doubted.
     */
    private static final double UNLIKE = 3.5;

    /** The same at which half of all words are wrong, and how fast that changes. */
    private static final double HALF = 4;

    private static final double SLOPE = 1.2;

    /** What is usual where a voice is clear: a voice is not doubted for being clearer. */
    private static final double CLEAR = 1;

    /** Frames that the first sound of a word takes at most. */
    private static final int FIRST = 22;

    /** Seconds that one sound lasts at most, on average, in a word of several. */
    private static final double SLOW = 0.4;

    /** Frames into the first one's window at which a sound that begins is heard. */
    private static final double INTO = 1.2;

    private Aligning() {}

    /**
     * @param sounds how many sounds each word has
     * @param length seconds of the recording
     */
    public static Aligned of(
            Script script, AlignmentSearch.Result found, int[] sounds, List<String> derived, double length) {
        List<Aligned.Unscripted> others = found.others().stream()
                .filter(stretch -> stretch.to() - stretch.from() >= STRETCH)
                .map(stretch -> new Aligned.Unscripted(second(stretch.from()), Math.min(length, second(stretch.to()))))
                .toList();
        double usual = usual(found);
        List<Aligned.Word> words = new ArrayList<>();
        Set<String> unknown = new LinkedHashSet<>(derived);
        for (int i = 0; i < script.words().size(); i++) {
            AlignmentSearch.Found word = found.words().get(i);
            String text = script.words().get(i).text();
            if (!word.said()) {
                words.add(null);
                continue;
            }
            // A pause that sounds like the beginning of a word is none of it.
            int from = Math.max(word.from(), word.second() - FIRST);
            double start = Math.min(length - 0.02, second(from));
            double end = Math.min(length, second(word.to()));
            double behind = word.best() - word.score() - usual;
            double sure = 1 / (1 + Math.exp(SLOPE * (behind - HALF)));
            String doubt = null;
            if (behind > UNLIKE) {
                doubt = Aligned.UNLIKE;
            } else if (sounds[i] > 1 && end - start > SLOW * sounds[i]) {
                doubt = Aligned.LENGTH;
            } else if (others.stream()
                    .anyMatch(other -> Math.abs(other.to() - start) < 0.02 || Math.abs(other.from() - end) < 0.02)) {
                doubt = Aligned.BESIDE;
            }
            words.add(new Aligned.Word(text, start, end, Math.rint(sure * 100) / 100, doubt));
        }
        place(script, words, length);
        return new Aligned(words, others, List.copyOf(unknown), false);
    }

    /** How far the words of the recording are usually behind: a voice that the model does not know well is so in all of them. */
    private static double usual(AlignmentSearch.Result found) {
        double[] behind = found.words().stream()
                .filter(AlignmentSearch.Found::said)
                .mapToDouble(word -> word.best() - word.score())
                .sorted()
                .toArray();
        return behind.length == 0 ? CLEAR : Math.max(CLEAR, behind[behind.length / 2]);
    }

    private static double second(int frame) {
        return frame == 0 ? 0 : (frame + INTO) * Acoustics.FRAME;
    }

    /** Words that are not said stand in what is left between their neighbours, however short that is. */
    private static void place(Script script, List<Aligned.Word> words, double length) {
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i) != null) {
                continue;
            }
            int last = i;
            while (last + 1 < words.size() && words.get(last + 1) == null) {
                last++;
            }
            double from = i == 0 ? 0 : words.get(i - 1).end();
            double to = last + 1 == words.size() ? length : words.get(last + 1).start();
            int count = last - i + 1;
            double each = Math.max(0.001, Math.min(0.2, (to - from) / count));
            for (int k = 0; k < count; k++) {
                double start = Math.min(from + k * each, Math.max(from, to - 0.001));
                words.set(
                        i + k,
                        new Aligned.Word(script.words().get(i + k).text(), start, start + each, 0, Aligned.NOT_SAID));
            }
            i = last;
        }
    }
}
