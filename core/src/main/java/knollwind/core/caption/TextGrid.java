package knollwind.core.caption;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.speech.SpokenWord;

/**
 * TextGrid files, long or short: tiers of intervals with a text each. Read as their format asks: free-standing numbers and strings count, all else
 * is for people.
 */
public final class TextGrid {
    private static final Pattern TOKEN =
            Pattern.compile("\"((?:[^\"]|\"\")*)\"|(?<=^|\\s)(-?\\d+(?:\\.\\d+)?(?:[eE][+-]?\\d+)?)(?=\\s|$)");

    /** What the tier of words is called. */
    private static final String WORDS = "words";

    /** Far more than an hour of speech. */
    private static final int MOST = 200_000;

    private TextGrid() {}

    private record Tier(String name, List<SpokenWord> words) {}

    /** A string or a number; the other is null. */
    private record Token(String text, Double number) {}

    /** The words of the tier called words, or of the one with the most texts. */
    public static List<SpokenWord> read(byte[] bytes) {
        List<Token> tokens = tokens(CaptionText.of(bytes, new ArrayList<>()));
        List<Tier> tiers = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            if ("IntervalTier".equals(tokens.get(i).text())) {
                tiers.add(tier(tokens, i));
            }
        }
        return tiers.stream()
                .filter(tier -> tier.name().equalsIgnoreCase(WORDS))
                .findFirst()
                .or(() -> tiers.stream()
                        .max(Comparator.comparingInt(tier -> tier.words().size())))
                .map(Tier::words)
                .filter(words -> !words.isEmpty())
                .orElseThrow(() ->
                        new IllegalArgumentException("no tier of intervals with words was found in the TextGrid"));
    }

    /** What stands behind "IntervalTier": its name, its times, how many intervals, and those. */
    private static Tier tier(List<Token> tokens, int at) {
        String name = text(tokens, at + 1);
        int count = (int) Math.min(MOST, number(tokens, at + 4));
        List<SpokenWord> words = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int here = at + 5 + 3 * i;
            double start = number(tokens, here);
            double end = number(tokens, here + 1);
            String text = text(tokens, here + 2).strip();
            if (!text.isEmpty() && end > start) {
                words.add(new SpokenWord(text, Math.max(0, start), end, null));
            }
        }
        return new Tier(name, words);
    }

    private static String text(List<Token> tokens, int at) {
        if (at >= tokens.size() || tokens.get(at).text() == null) {
            throw new IllegalArgumentException("the TextGrid breaks off or a text is missing in it");
        }
        return tokens.get(at).text();
    }

    private static double number(List<Token> tokens, int at) {
        if (at >= tokens.size() || tokens.get(at).number() == null) {
            throw new IllegalArgumentException("the TextGrid breaks off or a number is missing in it");
        }
        return tokens.get(at).number();
    }

    private static List<Token> tokens(String text) {
        List<Token> tokens = new ArrayList<>();
        Matcher found = TOKEN.matcher(text);
        while (found.find()) {
            tokens.add(
                    found.group(1) != null
                            ? new Token(found.group(1).replace("\"\"", "\""), null)
                            : new Token(null, Double.parseDouble(found.group(2))));
        }
        return tokens;
    }

    /** One tier of intervals without gaps; between captions their texts are empty. */
    public static String write(List<Caption> captions) {
        double end = captions.isEmpty() ? 1 : captions.get(captions.size() - 1).end();
        List<String> intervals = new ArrayList<>();
        double at = 0;
        for (Caption one : captions) {
            if (one.start() > at) {
                intervals.add(interval(at, one.start(), ""));
            }
            intervals.add(interval(one.start(), one.end(), one.text()));
            at = one.end();
        }
        if (intervals.isEmpty()) {
            intervals.add(interval(0, end, ""));
        }
        return "File type = \"ooTextFile\"\nObject class = \"TextGrid\"\n\n0\n" + end
                + "\n<exists>\n1\n\"IntervalTier\"\n\"" + "captions\"\n0\n" + end + "\n" + intervals.size() + "\n"
                + String.join("", intervals);
    }

    private static String interval(double start, double end, String text) {
        return start + "\n" + end + "\n\"" + text.replace("\"", "\"\"") + "\"\n";
    }
}
