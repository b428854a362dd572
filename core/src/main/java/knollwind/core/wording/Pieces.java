package knollwind.core.wording;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * What words are taken apart into.
 *
 * @param separator between parts; null for those of the kind
 */
record Pieces(Kind kind, String separator) {
    enum Kind {
        /** As readers count them (UAX #29). */
        CHARACTER,
        WORD,
        LINE,
        PART;

        String said() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    static Pieces of(Kind kind) {
        return new Pieces(kind, null);
    }

    String one() {
        return kind.said();
    }

    List<String> of(String words) {
        return switch (kind) {
            case CHARACTER -> characters(words);
            case WORD -> split(words.strip(), "\\s+");
            case LINE -> split(words, "\n");
            case PART ->
                split(words, Pattern.quote(separator)).stream()
                        .map(String::strip)
                        .toList();
        };
    }

    private static List<String> split(String words, String at) {
        return words.isEmpty() ? List.of() : Arrays.asList(words.split(at, -1));
    }

    static List<String> characters(String words) {
        BreakIterator breaks = BreakIterator.getCharacterInstance(Locale.ROOT);
        breaks.setText(words);
        List<String> all = new ArrayList<>();
        for (int from = breaks.first(), to = breaks.next(); to != BreakIterator.DONE; from = to, to = breaks.next()) {
            all.add(words.substring(from, to));
        }
        return all;
    }
}
