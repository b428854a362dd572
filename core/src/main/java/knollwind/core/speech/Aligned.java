package knollwind.core.speech;

import java.util.List;

/**
 * A script with the times at which it is said.
 *
 * @param words all words of the script, in order
 * @param others stretches in which something is said that the script does not have
 * @param derived words whose sounds were derived from their letters, since no dictionary has them
 * @param approximate true where the words were spread over the sound and not found in it
 */
public record Aligned(List<Word> words, List<Unscripted> others, List<String> derived, boolean approximate) {
    /**
     * A word.
     *
     * @param start seconds
     * @param end seconds, after its start
     * @param sure 0 to 1
     * @param doubt why it is to be listened to; null where nothing speaks against it
     */
    public record Word(String text, double start, double end, double sure, String doubt) {}

    /** @param from seconds; {@code to} likewise */
    public record Unscripted(double from, double to) {}

    /** The script's words and recording differ there: a word of the script is not said. */
    public static final String NOT_SAID = "not heard in the recording";

    /** It sounds like another word. */
    public static final String UNLIKE = "sounds unlike this word";

    /** It takes longer or shorter than its sounds can. */
    public static final String LENGTH = "too long or too short for this word";

    /** A recogniser took it for this word. */
    public static final String TAKEN_FOR = "taken for this word, without a script";

    /** Nobody knows what is said. */
    public static final String UNREAD = "something is said here; type what it is";

    /** Of a recording without speech. */
    static final String NOTHING =
            "nothing is said in this recording that is loud enough to be heard; choose another, or make it louder";

    /** Beside what is not in the script. */
    public static final String BESIDE = "something is said here that the script does not have";
}
