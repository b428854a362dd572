package knollwind.core.type;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UScript;
import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;

/**
 * Where texts may be cut, as UTF-16 offsets from 0 to the length. Characters and words follow UAX #29, line breaks UAX #14,
 * all through ICU4J with its dictionaries for Thai, Lao, Khmer, Chinese and Japanese.
 */
public final class Segmenter {
    private Segmenter() {}

    /** What a boundary lies between. */
    public enum By {
        CHARACTER,
        WORD,
        LINE
    }

    /** A stretch [from, to) of a text. */
    public record Stretch(int from, int to) {}

    /**
     * The standards' own boundaries, before punctuation is joined to its word. The empty text has the one boundary 0.
     *
     * @param language BCP 47 tag
     */
    public static List<Integer> boundaries(String text, By by, String language) {
        ULocale locale = ULocale.forLanguageTag(language);
        BreakIterator iterator = switch (by) {
            case CHARACTER -> BreakIterator.getCharacterInstance(locale);
            case WORD -> BreakIterator.getWordInstance(locale);
            case LINE -> BreakIterator.getLineInstance(locale);
        };
        iterator.setText(text);
        List<Integer> boundaries = new ArrayList<>();
        for (int at = iterator.first(); at != BreakIterator.DONE; at = iterator.next()) {
            boundaries.add(at);
        }
        return boundaries;
    }

    /**
     * Words as a designer counts them: whitespace parts them, punctuation goes with the word it touches, and where a script
     * writes no spaces the dictionary's words stand apart, each with the punctuation that follows it.
     */
    public static List<Stretch> words(String text, String language) {
        List<Integer> boundaries = boundaries(text, By.WORD, language);
        List<Stretch> words = new ArrayList<>();
        int start = -1;
        for (int i = 0; i + 1 < boundaries.size(); i++) {
            int from = boundaries.get(i);
            if (isSpace(text, from)) {
                if (start >= 0) {
                    words.add(new Stretch(start, from));
                    start = -1;
                }
                continue;
            }
            if (start >= 0 && parts(text, from)) {
                words.add(new Stretch(start, from));
                start = from;
            }
            if (start < 0) {
                start = from;
            }
        }
        if (start >= 0) {
            words.add(new Stretch(start, text.length()));
        }
        return words;
    }

    /** Whether a boundary inside unspaced text parts two words: between two letters, or before an unspaced script's letter. */
    private static boolean parts(String text, int at) {
        int before = text.codePointBefore(at);
        int after = text.codePointAt(at);
        if (!isWordCharacter(after)) {
            return isOpening(after) && isUnspaced(before);
        }
        if (isOpening(before)) {
            return false;
        }
        return isWordCharacter(before) ? !isEmojiPart(before, after) : isUnspaced(after);
    }

    private static boolean isEmojiPart(int before, int after) {
        return before == 0x200D || after == 0x200D;
    }

    private static boolean isOpening(int codePoint) {
        int type = UCharacter.getType(codePoint);
        return type == Character.START_PUNCTUATION || type == Character.INITIAL_QUOTE_PUNCTUATION;
    }

    private static boolean isWordCharacter(int codePoint) {
        return UCharacter.isLetterOrDigit(codePoint)
                || UCharacter.getType(codePoint) == Character.NON_SPACING_MARK
                || UCharacter.getType(codePoint) == Character.COMBINING_SPACING_MARK;
    }

    private static boolean isUnspaced(int codePoint) {
        return switch (UScript.getScript(codePoint)) {
            case UScript.HAN, UScript.HIRAGANA, UScript.KATAKANA, UScript.THAI, UScript.LAO, UScript.KHMER -> true;
            default -> false;
        };
    }

    /** True when the character at the offset is white space (Unicode White_Space). */
    static boolean isSpace(String text, int at) {
        return UCharacter.isUWhiteSpace(text.codePointAt(at));
    }
}
