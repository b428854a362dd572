package knollwind.core.caption;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import knollwind.core.scene.CaptionRules;
import knollwind.core.speech.SpokenWord;

/**
 * How badly words are parted at each place between them: 0 at the end of a sentence, more inside a clause, most inside a name. What
 * is known of English words counts for nothing in other languages, where marks and pauses remain.
 */
final class WordBreaks {
    private static final double CLAUSE = 1.5;
    private static final double CLAUSE_FIRST = 0.2;
    private static final double PAUSE = 2;
    private static final double PHRASE = 4;
    private static final double INSIDE = 8;
    /** More for a word that leans on the next one. */
    private static final double LEANING = 6;
    /** More inside a name, or between a number and what it counts. */
    private static final double TIED = 8;

    /** Seconds of silence that are heard as a pause. */
    private static final double HEARD = 0.35;

    private static final Pattern SENTENCE = Pattern.compile(".*[.!?\u2026\u3002][\"'\u201d\u2019)\u00bb]*");
    private static final Pattern MARK = Pattern.compile(".*[,;:\u2014\u2013\u3001\u060c][\"'\u201d\u2019)\u00bb]*");
    private static final Pattern NUMBER = Pattern.compile("[^\\p{L}]*\\d[\\d.,:]*");
    private static final Pattern NAME = Pattern.compile("\\p{Lu}.*");

    /** Ended by a full stop, and no sentence. */
    private static final Set<String> SHORTENED =
            Set.of("mr.", "mrs.", "ms.", "dr.", "st.", "no.", "e.g.", "i.e.", "etc.", "vs.");

    private static final Set<String> LEAN = Set.of(
            "a", "an", "the", "this", "that", "these", "those", "my", "your", "his", "her", "its", "our", "their", "of",
            "to", "in", "on", "at", "by", "for", "with", "from", "into", "over", "under", "and", "or", "but", "nor",
            "if", "as", "than", "is", "are", "was", "were", "be", "will", "would", "can", "could", "may", "must",
            "shall", "should", "has", "have", "had", "not", "no", "very", "i", "you", "he", "she", "it", "we", "they",
            "who", "which");

    private static final Set<String> BEGIN = Set.of(
            "and", "or", "but", "nor", "so", "because", "when", "while", "where", "if", "that", "which", "who", "until",
            "after", "before", "since", "than", "to", "in", "on", "at", "by", "for", "with", "from", "into", "over",
            "under", "of", "as");

    /** Of a place inside a caption at which it would rather end. */
    private static final double MISSED = 2.5;

    private final List<SpokenWord> words;
    private final CaptionRules.Breaks first;
    private final double[] costs;

    WordBreaks(List<SpokenWord> words, CaptionRules.Breaks first) {
        this.words = words;
        this.first = first;
        this.costs = new double[words.size() + 1];
        for (int i = 1; i < words.size(); i++) {
            costs[i] = cost(i);
        }
    }

    /** What it costs to part the words before this one; 0 before the first and after the last. */
    double before(int word) {
        return costs[word];
    }

    /** What it costs not to part the words before this one. */
    double missed(int word) {
        String before = words.get(word - 1).text();
        boolean mark =
                first == CaptionRules.Breaks.CLAUSES && MARK.matcher(before).matches();
        return mark || endsSentence(before) ? MISSED : 0;
    }

    private double cost(int at) {
        String before = words.get(at - 1).text();
        String after = words.get(at).text();
        if (endsSentence(before)) {
            return 0;
        }
        if (MARK.matcher(before).matches()) {
            return first == CaptionRules.Breaks.CLAUSES ? CLAUSE_FIRST : CLAUSE;
        }
        boolean pause = words.get(at).start() - words.get(at - 1).end() >= HEARD;
        double cost = pause ? PAUSE : BEGIN.contains(plain(after)) ? PHRASE : INSIDE;
        if (LEAN.contains(plain(before))) {
            cost += LEANING;
        }
        boolean opens = at == 1 || endsSentence(words.get(at - 2).text());
        boolean name = NAME.matcher(before).matches() && NAME.matcher(after).matches() && !opens;
        if (name || NUMBER.matcher(before).matches()) {
            cost += TIED;
        }
        return cost;
    }

    static boolean endsSentence(String word) {
        return SENTENCE.matcher(word).matches() && !SHORTENED.contains(word.toLowerCase(Locale.ROOT));
    }

    private static String plain(String word) {
        return word.toLowerCase(Locale.ROOT).replaceAll("^[^\\p{L}]+|[^\\p{L}]+$", "");
    }
}
