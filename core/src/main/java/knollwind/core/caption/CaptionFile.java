package knollwind.core.caption;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.speech.SpokenWord;

/**
 * What was read of a caption file.
 *
 * @param captions in the order of their times, not overlapping
 * @param mended what was wrong and what was made of it, in words
 * @param words with the times that the file has of each; none where it has them not of all
 */
public record CaptionFile(List<Caption> captions, List<String> mended, List<SpokenWord> words) {
    /** Far more than an hour of speech; more is no caption file. */
    public static final int MOST = 20_000;

    /** Seconds that one is on that had no time of its own. */
    private static final double SOME = 1;

    public CaptionFile {
        captions = List.copyOf(captions);
        mended = List.copyOf(mended);
        words = List.copyOf(words);
    }

    /** One as it stood in a file. */
    record Raw(int number, double start, double end, List<String> lines, CaptionLook look) {
        Raw(int number, double start, double end, List<String> lines) {
            this(number, start, end, lines, null);
        }

        Raw at(double from, double to) {
            return new Raw(number, from, to, lines, look);
        }
    }

    /**
     * Puts what was read in order: sorted, without empty ones, none over the next.
     *
     * @throws IllegalArgumentException for more than {@value #MOST}
     */
    static CaptionFile of(List<Raw> read, List<String> mended) {
        if (read.size() > MOST) {
            throw new IllegalArgumentException(
                    "the file has " + read.size() + " captions; at most " + MOST + " can be read");
        }
        List<String> said = new ArrayList<>(mended);
        List<Raw> kept = new ArrayList<>();
        for (Raw one : read) {
            if (one.lines().isEmpty()) {
                said.add("Caption " + one.number() + " has no words and was left out.");
            } else if (one.end() < one.start()) {
                said.add("Caption " + one.number() + " ended before it began; its times were exchanged.");
                kept.add(one.at(one.end(), one.start()));
            } else if (one.end() == one.start()) {
                said.add("Caption " + one.number() + " had no length and was made " + (int) SOME + " s long.");
                kept.add(one.at(one.start(), one.start() + SOME));
            } else {
                kept.add(one);
            }
        }
        List<Raw> sorted =
                kept.stream().sorted(Comparator.comparingDouble(Raw::start)).toList();
        if (!sorted.equals(kept)) {
            said.add("The captions were not in the order of their times and were put into it.");
        }
        List<Caption> captions = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            Raw one = sorted.get(i);
            double end = one.end();
            if (i + 1 < sorted.size() && end > sorted.get(i + 1).start()) {
                double next = sorted.get(i + 1).start();
                said.add("Caption " + one.number() + " lay over the next one"
                        + (next > one.start()
                                ? " and was shortened."
                                : "; both begin at once, so it was put into that one."));
                if (next <= one.start()) {
                    sorted = joined(sorted, i);
                    i--;
                    continue;
                }
                end = next;
            }
            captions.add(new Caption(one.start(), end, one.lines(), one.look()));
        }
        return new CaptionFile(captions, said, List.of());
    }

    /** With what the file says of when each word is said. */
    CaptionFile spoken(List<SpokenWord> said) {
        return new CaptionFile(captions, mended, said);
    }

    /** With the words of one put before those of the next. */
    private static List<Raw> joined(List<Raw> sorted, int at) {
        Raw one = sorted.get(at);
        Raw next = sorted.get(at + 1);
        List<String> lines = new ArrayList<>(one.lines());
        lines.addAll(next.lines());
        List<Raw> all = new ArrayList<>(sorted);
        all.set(at + 1, new Raw(next.number(), next.start(), Math.max(one.end(), next.end()), lines));
        all.remove(at);
        return all;
    }
}
