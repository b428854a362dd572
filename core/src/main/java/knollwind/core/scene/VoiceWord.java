package knollwind.core.scene;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A word that is said in a recording.
 *
 * @param text as it is written, with the marks around it
 * @param start seconds of the recording
 * @param end seconds of the recording, after its start
 * @param sure how sure its times are, 0 to 1; null where nobody says
 * @param doubt why it is to be listened to; null where nothing speaks against it
 * @param byHand true where its times were set or confirmed by hand; null otherwise
 */
@RecordBuilder
public record VoiceWord(String id, String text, double start, double end, Double sure, String doubt, Boolean byHand)
        implements VoiceWordBuilder.With {
    public VoiceWord {
        Check.id(id, "a word of a voice");
        Check.text(text, 200, "a word of a voice");
        if (text.isBlank()) {
            throw new IllegalArgumentException("a word of a voice needs its text");
        }
        Check.range(start, 0, Sound.LONGEST, "the start of the word \u201c" + text + "\u201d");
        if (!(end > start && end <= Sound.LONGEST + 1)) {
            throw new IllegalArgumentException("the word \u201c" + text
                    + "\u201d must end after it starts, not be said from " + Numbers.text(start) + " s to "
                    + Numbers.text(end) + " s");
        }
        if (sure != null) {
            Check.range(sure, 0, 1, "how sure a word is");
        }
        if (doubt != null) {
            Check.text(doubt, 200, "the doubt about a word");
        }
        byHand = Block.onlyTrue(byHand);
    }
}
