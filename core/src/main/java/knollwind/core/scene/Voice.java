package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What is said in a recording, for all sounds that play it.
 *
 * @param id SHA-256 of the recording
 * @param words in the order in which they are said; their times may overlap
 * @param approximate true where the words were spread over the sound and not found in it; null otherwise
 */
@RecordBuilder
public record Voice(String id, List<VoiceWord> words, Boolean approximate) implements VoiceBuilder.With {
    /** More than are said in the longest recording. */
    public static final int MOST_WORDS = 40_000;

    @JsonCreator
    public Voice {
        Check.id(id, "a voice");
        words = Check.list(words);
        if (words.size() > MOST_WORDS) {
            throw new IllegalArgumentException(
                    "a voice may have at most " + MOST_WORDS + " words, not " + words.size());
        }
        Check.uniqueIds(words, VoiceWord::id, "words of a voice");
        for (int i = 1; i < words.size(); i++) {
            if (words.get(i).start() < words.get(i - 1).start()) {
                throw new IllegalArgumentException(
                        "the word \u201c" + words.get(i).text() + "\u201d must not start before \u201c"
                                + words.get(i - 1).text() + "\u201d, which is said first");
            }
        }
        approximate = Block.onlyTrue(approximate);
    }

    public Optional<VoiceWord> word(String word) {
        return words.stream().filter(one -> one.id().equals(word)).findFirst();
    }
}
