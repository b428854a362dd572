package knollwind.core.frame;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import knollwind.core.scene.FrameRate;
import knollwind.core.wording.Wording;

/** A block whose words change in time: set once for each words that it comes to, and timed as the longest of them. */
final class RunningWords {
    /** Words that are kept set; of a number that runs for long only the last ones are asked for again. */
    private static final int MOST = 256;

    private final Wording wording;
    private final String longest;
    private final FrameRate rate;
    private final BiFunction<String, Unseen, BlockScore> sets;
    private final Map<String, BlockScore> known = new ConcurrentHashMap<>();

    /**
     * @param longest the words that the block is timed by
     * @param sets the block with other words, of which some are not seen
     */
    RunningWords(Wording wording, String longest, FrameRate rate, BiFunction<String, Unseen, BlockScore> sets) {
        this.wording = wording;
        this.longest = longest;
        this.rate = rate;
        this.sets = sets;
    }

    /** @param time frames since the block came on */
    BlockScore at(double time) {
        String words = words(time);
        if (known.size() > MOST) {
            known.clear();
        }
        return known.computeIfAbsent(words, one -> {
            Unseen.Filled filled = Unseen.Filled.of(one, longest);
            return sets.apply(filled.words(), filled.unseen());
        });
    }

    /** Whether the words are the same throughout. */
    boolean isSame(double from, double to) {
        String words = words(from);
        for (double time = from + 1; time < to; time++) {
            if (!words(time).equals(words)) {
                return false;
            }
        }
        return words(to).equals(words);
    }

    private String words(double time) {
        return wording.lastGood(time, rate, id -> "", id -> "");
    }
}
