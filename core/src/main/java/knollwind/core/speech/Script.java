package knollwind.core.speech;

import java.util.ArrayList;
import java.util.List;

/**
 * What is said, word by word.
 *
 * @param words in order
 */
public record Script(List<Word> words) {
    /** Longer scripts are longer than the longest recording. */
    private static final int MOST = 40_000;

    /**
     * A word as it is written.
     *
     * @param text with the marks around it
     * @param said the words that it is said by, in small letters: one for most, more for numbers
     * @param pauses whether there is a mark behind it at which a speaker may pause
     */
    public record Word(String text, List<String> said, boolean pauses) {}

    /** @throws IllegalArgumentException for a text without words, or one that is too long */
    public static Script of(String text) {
        List<Word> words = new ArrayList<>();
        String lead = "";
        for (String token : text.strip().split("\\s+")) {
            List<String> said = PlainForm.said(token);
            if (said.isEmpty()) {
                // A dash that stands alone goes with the word before it, and an opening mark with the one after it.
                if (words.isEmpty()) {
                    lead = lead + token + " ";
                } else {
                    Word last = words.remove(words.size() - 1);
                    words.add(new Word(last.text() + " " + token, last.said(), true));
                }
                continue;
            }
            words.add(new Word(
                    lead + token, said, token.matches("(?s).*[.,;:!?\u2026)\\]\u2013\u2014]['\"\u201d\u2019\u00bb]*")));
            lead = "";
        }
        if (words.isEmpty()) {
            throw new IllegalArgumentException("the script has no words; type or paste what is said in the recording");
        }
        if (words.size() > MOST) {
            throw new IllegalArgumentException(
                    "the script may have at most " + MOST + " words, not " + words.size() + "; use a part of it");
        }
        return new Script(List.copyOf(words));
    }
}
