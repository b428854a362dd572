package knollwind.core.speech;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.sound.Beginnings;
import knollwind.core.sound.Recording;

/**
 * Spreads the words of a script over the stretches in which something is said, by their syllables: for languages that no model here
 * knows, and where there is no model. Stretches and the phrases of the script are brought together where their shares are nearest. What
 * comes out is approximate and says so.
 */
public final class SpreadAligner implements Aligner {
    /** What a word takes beside its syllables, in syllables. */
    private static final double WORD = 0.3;

    private static final double SURE = 0.3;

    @Override
    public Aligned align(Recording recording, long frames, Script script) throws IOException {
        List<Beginnings.Phrase> said = Beginnings.speech(recording, frames);
        if (said.isEmpty()) {
            throw new IllegalArgumentException(Aligned.NOTHING);
        }
        return new Aligned(spread(script, said), List.of(), List.of(), true);
    }

    static List<Aligned.Word> spread(Script script, List<Beginnings.Phrase> said) {
        List<Script.Word> words = script.words();
        double[] weights = words.stream().mapToDouble(SpreadAligner::weight).toArray();
        double[] upTo = new double[weights.length + 1];
        for (int i = 0; i < weights.length; i++) {
            upTo[i + 1] = upTo[i] + weights[i];
        }
        double all = said.stream().mapToDouble(one -> one.to() - one.from()).sum();
        List<Aligned.Word> placed = new ArrayList<>();
        int word = 0;
        double passed = 0;
        for (int i = 0; i < said.size() && word < weights.length; i++) {
            Beginnings.Phrase phrase = said.get(i);
            passed += phrase.to() - phrase.from();
            int last = i == said.size() - 1
                    ? weights.length
                    : nearest(words, upTo, word, passed / all * upTo[weights.length], said.size() - 1 - i);
            double share = upTo[last] - upTo[word];
            for (int k = word; k < last; k++) {
                double from = phrase.from() + (upTo[k] - upTo[word]) / share * (phrase.to() - phrase.from());
                double to = phrase.from() + (upTo[k + 1] - upTo[word]) / share * (phrase.to() - phrase.from());
                placed.add(new Aligned.Word(words.get(k).text(), from, Math.max(from + 0.001, to), SURE, null));
            }
            word = last;
        }
        return placed;
    }

    /** The word before which a stretch ends: near its share, at a mark if there is one near. Some are left for those that follow. */
    private static int nearest(List<Script.Word> words, double[] upTo, int from, double share, int more) {
        int most = Math.max(from, words.size() - more);
        int best = from;
        double least = Double.MAX_VALUE;
        for (int i = Math.min(from + 1, most); i <= most; i++) {
            double away = Math.abs(upTo[i] - share) + (i > 0 && words.get(i - 1).pauses() ? 0 : 3);
            if (away < least) {
                least = away;
                best = i;
            }
        }
        return best;
    }

    private static double weight(Script.Word word) {
        long syllables = word.said().stream()
                .mapToLong(said -> Math.max(
                        1,
                        said.replaceAll("[^aeiouyæøåäöüαεηιουωаеёиоуыэюя]+", " ")
                                .strip()
                                .split(" ")
                                .length))
                .sum();
        return syllables + WORD;
    }
}
