package knollwind.core.directions.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Everyday words, and what they are called in a sentence here. They are asked for when a sentence cannot be read as it stands, so that
 * they never change one that can.
 */
public final class Everyday {
    private record Word(Pattern said, Function<MatchResult, String> meant) {}

    /** Matches nowhere. */
    public static final String NOTHING = "(?!)";

    /** Numbers as words; "one" stands for too much else. */
    private static final List<String> COUNTS =
            List.of("two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private static final Pattern NAMES = Pattern.compile("“[^”]*”|\"[^\"]*\"");

    private final List<Word> words = new ArrayList<>();

    /** What is said of numbers everywhere. */
    public Everyday() {
        with(
                "(" + String.join("|", COUNTS) + ")",
                found -> "" + (COUNTS.indexOf(found.group(1).toLowerCase(Locale.ROOT)) + 2));
        with("(-?\\d+(?:\\.\\d+)?) ?(?:degrees?|deg)", found -> found.group(1) + "\u00b0")
                .with("(-?\\d+(?:\\.\\d+)?) ?(?:percent|per cent)", found -> found.group(1) + " %")
                .with("(-?\\d+(?:\\.\\d+)?) ?pixels?", found -> found.group(1) + " px");
    }

    /**
     * @param said a regular expression that stands for whole words
     * @param meant what is read in their place
     */
    public Everyday with(String said, String meant) {
        return with(said, found -> meant);
    }

    /** The same where it depends on what was said. */
    public Everyday with(String said, Function<MatchResult, String> meant) {
        Pattern whole = Pattern.compile("(?<![\\p{L}\\d])(?:" + said + ")(?![\\p{L}\\d])", Pattern.CASE_INSENSITIVE);
        words.add(new Word(whole, meant));
        return this;
    }

    /** A sentence with all of them replaced, the first ones first; names in quotation marks stay as they are. */
    public String in(String sentence) {
        String read = sentence;
        for (Word word : words) {
            List<int[]> names = NAMES.matcher(read)
                    .results()
                    .map(name -> new int[] {name.start(), name.end()})
                    .toList();
            read = word.said()
                    .matcher(read)
                    .replaceAll(found -> Matcher.quoteReplacement(
                            names.stream().anyMatch(name -> found.start() < name[1] && name[0] < found.end())
                                    ? found.group()
                                    : word.meant().apply(found)));
        }
        return read;
    }

    /** Reads a sentence. */
    public interface Reader<T> {
        /** @throws DirectionException with the place where it cannot be read */
        T read(String sentence);
    }

    /**
     * Reads a sentence as it stands, else with everyday words replaced.
     *
     * @param everyday asked for only then
     * @throws DirectionException with the place in the sentence as it was typed
     */
    public static <T> T read(String sentence, Reader<T> reader, Supplier<Everyday> everyday) {
        try {
            return reader.read(sentence);
        } catch (DirectionException unread) {
            String ours = everyday.get().in(sentence);
            if (ours.equals(sentence)) {
                throw unread.in(sentence);
            }
            try {
                return reader.read(ours);
            } catch (DirectionException again) {
                throw asTyped(sentence, ours, unread, again).in(sentence);
            }
        }
    }

    /** What is wrong with what is left, at its place in the typed sentence; where that is not found, what was wrong at first. */
    private static DirectionException asTyped(
            String sentence, String ours, DirectionException unread, DirectionException again) {
        Lexer rest = new Lexer(ours.substring(Math.min(again.position(), ours.length())));
        String word = rest.next();
        int place = word.isEmpty() ? -1 : sentence.indexOf(word);
        return place < 0 ? unread : new DirectionException(again.getMessage(), place, again.suggestions());
    }
}
