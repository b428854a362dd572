package knollwind.core.directions.grammar;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A way the sentence may go on.
 *
 * @param phrase what would stand there
 * @param from UTF-16 offset in the typed text where the phrase begins
 */
public record Completion(String phrase, int from) {
    /** More could not be looked through while one types. */
    private static final int MOST = 8;

    private static final int MOST_LIKELY = 4;

    /** What a shared word counts for, in letters that differ. */
    private static final int SHARED = 100;

    /** Letters of a word that is more than a little link between others. */
    private static final int TELLING = 3;

    private static final int FAR = Integer.MAX_VALUE;

    /** Where a clause begins: behind a comma, a full stop or "and". */
    private static final Pattern BEFORE_A_CLAUSE =
            Pattern.compile("[,;]|\\.(?!\\d)|\\band\\b", Pattern.CASE_INSENSITIVE);

    /**
     * The clauses that begin with what is typed last, then those that hold it; inside quotation marks the names that begin so.
     *
     * @param openings how clauses can be said
     * @param names of what can be quoted
     */
    public static List<Completion> of(String typed, List<String> openings, List<String> names) {
        int quote = Math.max(typed.lastIndexOf('\u201c'), typed.lastIndexOf('"'));
        boolean quoted = quote >= 0
                && typed.indexOf('\u201d', quote) < 0
                && (typed.charAt(quote) == '\u201c'
                        || typed.chars().filter(one -> one == '"').count() % 2 == 1);
        if (quoted) {
            String begun = lower(typed.substring(quote + 1));
            return names.stream()
                    .filter(name -> lower(name).startsWith(begun))
                    .distinct()
                    .limit(MOST)
                    .map(name -> new Completion("\u201c" + name + "\u201d", quote))
                    .toList();
        }
        int from = 0;
        Matcher before = BEFORE_A_CLAUSE.matcher(typed);
        while (before.find()) {
            from = before.end();
        }
        while (from < typed.length() && Character.isWhitespace(typed.charAt(from))) {
            from++;
        }
        String begun = lower(typed.substring(from));
        Set<String> found = new LinkedHashSet<>();
        openings.stream().filter(one -> lower(one).startsWith(begun)).forEach(found::add);
        if (begun.length() > 1) {
            openings.stream().filter(one -> lower(one).contains(begun)).forEach(found::add);
        }
        int at = from;
        List<Completion> completions = new ArrayList<>();
        found.stream()
                .filter(one -> !lower(one).equals(begun))
                .limit(MOST)
                .forEach(one -> completions.add(new Completion(one, at)));
        return completions;
    }

    /**
     * The clauses that share most of their first words with what was typed, or whose next word is spelt nearly like it; where there are
     * none, those that hold its first word.
     */
    public static List<String> likely(String typed, List<String> openings) {
        String[] told = words(typed);
        List<String> near = openings.stream()
                .filter(one -> distance(told, words(one)) < FAR)
                .sorted(Comparator.comparingInt(one -> distance(told, words(one))))
                .toList();
        Predicate<String> holds =
                one -> told[0].length() >= TELLING && List.of(words(one)).contains(told[0]);
        return (near.isEmpty() ? openings.stream().filter(holds) : near.stream())
                .limit(MOST_LIKELY)
                .toList();
    }

    private static String[] words(String text) {
        return lower(text).strip().split("[\\s,.]+");
    }

    /** The less the more alike they begin: a shared word counts for more than any likeness of spelling. */
    private static int distance(String[] told, String[] one) {
        int shared = 0;
        while (shared < Math.min(told.length, one.length) && told[shared].equals(one[shared])) {
            shared++;
        }
        int spelt = shared < Math.min(told.length, one.length) ? distance(told[shared], one[shared]) : 0;
        boolean near = shared > 0 || spelt <= Math.max(1, told[0].length() / 3);
        return near ? Math.min(spelt, SHARED - 1) - shared * SHARED : FAR;
    }

    /** Levenshtein's distance. */
    private static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }

    private static String lower(String text) {
        return text.toLowerCase(Locale.ROOT);
    }
}
