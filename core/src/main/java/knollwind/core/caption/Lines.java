package knollwind.core.caption;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.scene.CaptionRules;

/**
 * The words of a caption in lines: in one where they fit, else parted where it costs least and the lines are most alike.
 *
 * @param cost of the places where they are parted, and of lines of different length
 */
record Lines(List<String> lines, double cost) {
    /** Of a break between lines beside one between captions. */
    private static final double MILDER = 0.5;
    /** Of two lines of which one is half as long as allowed and the other empty. */
    private static final double UNEVEN = 6;
    /** Of a line that is too long, before all else. */
    private static final double TOO_LONG = 1e3;

    /** @param first place of the first word among all that the breaks know */
    static Lines of(List<String> words, WordBreaks breaks, int first, CaptionRules rules) {
        String whole = String.join(" ", words);
        int length = Caption.characters(whole);
        if (length <= rules.perLine() || words.size() == 1 || rules.lines() == 1) {
            return new Lines(List.of(whole), 0);
        }
        int parts = Math.min(words.size(), Math.min(rules.lines(), (length + rules.perLine() - 1) / rules.perLine()));
        Lines best = in(parts, words, breaks, first, rules);
        // Words that do not go into the fewest lines may go into one more.
        for (int more = parts + 1;
                best.most() > rules.perLine() && more <= Math.min(rules.lines(), words.size());
                more++) {
            best = in(more, words, breaks, first, rules);
        }
        return best;
    }

    private static Lines in(int parts, List<String> words, WordBreaks breaks, int first, CaptionRules rules) {
        int count = words.size();
        int[] ends = new int[count + 1];
        for (int i = 0; i < count; i++) {
            ends[i + 1] = ends[i] + Caption.characters(words.get(i)) + 1;
        }
        double mean = (double) (ends[count] - parts) / parts;
        double[][] least = new double[parts + 1][count + 1];
        int[][] from = new int[parts + 1][count + 1];
        for (double[] row : least) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        least[0][0] = 0;
        for (int part = 1; part <= parts; part++) {
            for (int to = part; to <= count; to++) {
                for (int begin = part - 1; begin < to; begin++) {
                    int length = ends[to] - ends[begin] - 1;
                    double off = (length - mean) / rules.perLine();
                    double cost = least[part - 1][begin]
                            + (begin == 0 ? 0 : MILDER * breaks.before(first + begin))
                            + UNEVEN * off * off
                            + (to - begin == 1 && length <= Captioner.SHORT ? Captioner.LONELY : 0)
                            + (length > rules.perLine() ? TOO_LONG * length / rules.perLine() : 0);
                    if (cost < least[part][to]) {
                        least[part][to] = cost;
                        from[part][to] = begin;
                    }
                }
            }
        }
        List<String> lines = new ArrayList<>();
        int to = count;
        for (int part = parts; part > 0; part--) {
            lines.add(0, String.join(" ", words.subList(from[part][to], to)));
            to = from[part][to];
        }
        return new Lines(lines, least[parts][count]);
    }

    /** Characters of the longest. */
    int most() {
        return lines.stream().mapToInt(Caption::characters).max().orElse(0);
    }
}
