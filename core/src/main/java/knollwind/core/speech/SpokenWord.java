package knollwind.core.speech;

/**
 * A word of a voice.
 *
 * @param text as it is written, with the marks around it
 * @param start seconds of the recording
 * @param end seconds of the recording, after its start
 * @param sure how sure its times are, 0 to 1; null where nobody says
 */
public record SpokenWord(String text, double start, double end, Double sure) {
    public SpokenWord {
        if (text == null || text.isBlank()) {
            throw new IllegalArgumentException("a spoken word needs its text");
        }
        if (!(start >= 0 && end > start && end < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException("the word \u201c" + text
                    + "\u201d must end after it starts, not be said from " + start + " s to " + end + " s");
        }
        if (sure != null && !(sure >= 0 && sure <= 1)) {
            throw new IllegalArgumentException("how sure a word is lies between 0 and 1, not at " + sure);
        }
    }
}
