package knollwind.core.caption;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import knollwind.core.scene.CaptionRules;
import knollwind.core.speech.SpokenWord;

/**
 * Makes captions of words: the breaks of least cost, found by dynamic programming over all of them. A rule that is broken costs more than
 * any choice of breaks; the costs are told in docs/captions.md.
 */
public final class Captioner {
    /** Of a rule of time that is broken, and once more for every time that it is broken by its own size, up to ten. */
    private static final double RULE = 1e4;
    /** Of what does not go into its lines: more than all rules of time together, for it cannot be shown. */
    private static final double ROOM = 1e7;
    /** Further than this a rule is not broken any more. */
    private static final double FAR = 10;
    /** Of every caption: fewer are calmer. */
    private static final double EACH = 1;
    /** Of reading as fast as is allowed; far less below. */
    private static final double HASTE = 3;
    /** Of a caption that leaves half of its room empty. */
    private static final double EMPTY = 2;
    /** Of a short word alone, in a caption or on a line. */
    static final double LONELY = 5;
    /** Of words that wait in a caption while nothing is said. */
    private static final double WAITING = 3;
    /** Seconds. */
    private static final double SILENCE = 0.6;
    /** Characters. */
    static final int SHORT = 3;
    /** Share of its room that a caption fills without cost. */
    private static final double FULL = 0.5;
    /** Least length in seconds of one that is cut short by the next. */
    private static final double LEAST = 0.001;

    private final List<SpokenWord> words;
    private final CaptionRules rules;
    private final WordBreaks breaks;

    private Captioner(List<SpokenWord> words, CaptionRules rules) {
        this.words = words;
        this.rules = rules;
        this.breaks = new WordBreaks(words, rules.breaks());
    }

    /**
     * Captions of these words.
     *
     * @param words in time; they may follow each other without a pause and must not overlap
     * @throws IllegalArgumentException for words out of order
     */
    public static Captioned make(List<SpokenWord> words, CaptionRules rules) {
        for (int i = 1; i < words.size(); i++) {
            if (words.get(i).start() < words.get(i - 1).end() - 1e-9) {
                throw new IllegalArgumentException(
                        "the word \u201c" + words.get(i).text() + "\u201d begins at "
                                + words.get(i).start() + " s, before the one before it has ended");
            }
        }
        Captioner captioner = new Captioner(words, rules);
        return captioner.captions(captioner.best());
    }

    /** What captions cost that begin with these words, the first of them 0. */
    static double cost(List<SpokenWord> words, CaptionRules rules, List<Integer> begins) {
        Captioner captioner = new Captioner(words, rules);
        double cost = 0;
        for (int i = 0; i < begins.size(); i++) {
            cost += captioner.cost(begins.get(i), i + 1 < begins.size() ? begins.get(i + 1) : words.size());
        }
        return cost;
    }

    /** The words that captions begin with. */
    private List<Integer> best() {
        int count = words.size();
        double[] least = new double[count + 1];
        int[] from = new int[count + 1];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        least[0] = 0;
        for (int to = 1; to <= count; to++) {
            int characters = -1;
            for (int begin = to - 1; begin >= 0; begin--) {
                characters += 1 + Caption.characters(words.get(begin).text());
                boolean beyond = characters > rules.room() || to - begin > rules.words();
                if (beyond && to - begin > 1) {
                    break;
                }
                // Lines are dear to work out, and cost nothing at least.
                double known = least[begin] + costOfTime(begin, to);
                double cost = known < least[to] ? known + costOfLines(begin, to) : known;
                if (cost < least[to]) {
                    least[to] = cost;
                    from[to] = begin;
                }
            }
        }
        List<Integer> begins = new ArrayList<>();
        for (int at = count; at > 0; at = from[at]) {
            begins.add(from[at]);
        }
        Collections.reverse(begins);
        return begins;
    }

    /** Of a caption of the words from one on to before another. */
    private double cost(int from, int to) {
        return costOfTime(from, to) + costOfLines(from, to);
    }

    private double costOfLines(int from, int to) {
        Lines lines = Lines.of(texts(from, to), breaks, from, rules);
        return lines.cost() + ROOM * over(lines.most(), rules.perLine());
    }

    /** Of all but its lines. */
    private double costOfTime(int from, int to) {
        int characters = length(from, to);
        double start = words.get(from).start();
        double length = end(from, to) - start;
        double speed = rules.fastest().of(characters, to - from, length);
        double cost = EACH + breaks.before(to);
        cost += ROOM * over(to - from, rules.words());
        cost += RULE
                * (over(speed, rules.fastest().most())
                        + over(rules.shortest(), length)
                        + over(length, rules.longest()));
        cost += HASTE * Math.pow(Math.min(1, speed / rules.fastest().most()), 4);
        double empty = Math.max(0, FULL - (double) characters / rules.room()) / FULL;
        cost += EMPTY * empty * empty;
        if (to - from == 1 && characters <= SHORT && rules.words() > 1) {
            cost += LONELY;
        }
        for (int i = from + 1; i < to; i++) {
            cost += breaks.missed(i);
            cost += words.get(i).start() - words.get(i - 1).end() > SILENCE ? WAITING : 0;
        }
        return cost;
    }

    /** 0 for a rule that is kept, else more the further it is broken. */
    private static double over(double value, double most) {
        return value <= most * (1 + 1e-9) ? 0 : 1 + Math.min(FAR, value / most);
    }

    private int length(int from, int to) {
        int characters = to - from - 1;
        for (int i = from; i < to; i++) {
            characters += Caption.characters(words.get(i).text());
        }
        return characters;
    }

    private List<String> texts(int from, int to) {
        return words.subList(from, to).stream().map(SpokenWord::text).toList();
    }

    /**
     * Seconds at which a caption goes: when its words are said, or later so that it can be read, as far as the next one leaves room.
     */
    private double end(int from, int to) {
        double start = words.get(from).start();
        double said = words.get(to - 1).end();
        double read = start + Math.max(rules.shortest(), rules.fastest().seconds(length(from, to), to - from));
        double wanted = Math.max(said, Math.min(read, Math.max(said, start + rules.longest())));
        double room = to < words.size() ? words.get(to).start() - rules.gap() : Double.POSITIVE_INFINITY;
        return Math.max(start + LEAST, Math.min(wanted, room));
    }

    private Captioned captions(List<Integer> begins) {
        List<Caption> captions = new ArrayList<>();
        List<String> broken = new ArrayList<>();
        for (int i = 0; i < begins.size(); i++) {
            int from = begins.get(i);
            int to = i + 1 < begins.size() ? begins.get(i + 1) : words.size();
            Lines lines = Lines.of(texts(from, to), breaks, from, rules);
            Caption caption = new Caption(words.get(from).start(), end(from, to), lines.lines());
            captions.add(caption);
            double gap = to < words.size() ? words.get(to).start() - caption.end() : Double.POSITIVE_INFINITY;
            for (String fault : CaptionFaults.of(caption, gap, rules)) {
                broken.add("\u201c" + caption.text() + "\u201d " + fault + ".");
            }
        }
        return new Captioned(captions, begins, broken);
    }
}
