package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Words on screen for a time, in a row of captions.
 *
 * @param span when it is on; its start and its end may hang on cues and spoken words
 * @param text its words by the id of their column, lines parted by {@code \n}; in a column that is missing it is not shown
 * @param byHand true where its words or times were set by hand, so that they stay when captions are made anew; null otherwise
 * @param own what is other than in the design, in this caption alone
 */
@RecordBuilder
public record CaptionLine(String id, Span span, Map<String, String> text, Boolean byHand, List<Filling> own)
        implements CaptionLineBuilder.With {
    /** UTF-16 units of a caption: more is no caption. */
    public static final int LONGEST = 2000;

    @JsonCreator
    public CaptionLine {
        Check.id(id, "a caption");
        Check.present(span, "the span of a caption");
        if (span.landsAt() != null || span.leavesAt() != null) {
            throw new IllegalArgumentException("a caption has a start and an end that may hang on something");
        }
        text = Map.copyOf(new TreeMap<>(Check.present(text, "the words of a caption")));
        text.forEach((column, words) -> {
            Check.id(column, "the column of a caption's words");
            Check.text(words, LONGEST, "a caption");
            int control = TextEdit.firstControl(words);
            if (control >= 0) {
                throw new IllegalArgumentException(String.format(
                        "a caption holds the control character U+%04X; only line breaks are allowed",
                        (int) words.charAt(control)));
            }
        });
        byHand = Block.onlyTrue(byHand);
        own = Check.list(own);
        Check.uniqueIds(own, Filling::id, "own values of a caption");
        if (own.stream().anyMatch(Filling::isOfWords)) {
            throw new IllegalArgumentException("the words of a caption are its own already");
        }
    }

    /** Its words in a column; empty where there are none. */
    public String words(String column) {
        return text.getOrDefault(column, "");
    }

    /** Whether somebody has changed it, so that it stays when captions are made anew. */
    public boolean touched() {
        return byHand != null || !own.isEmpty();
    }
}
