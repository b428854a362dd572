package knollwind.core.scene;

import java.util.List;

/**
 * Values of a scene's blocks that are other while something is so: <i>when ‹Platform› is “2”</i>.
 *
 * @param when the sentence that says when, with ids for the names of fields and blocks
 * @param values within the list later ones win; words are none of them
 */
public record Condition(String id, String when, List<Filling> values) {
    /** Characters of a sentence. */
    private static final int LONGEST = 4000;

    public Condition {
        Check.id(id, "a condition");
        Check.text(when, LONGEST, "the sentence of a condition");
        if (!when.startsWith("when ")) {
            throw new IllegalArgumentException("a condition says when: when \u2039field\u203a is \u201c2\u201d");
        }
        values = Check.list(values);
        Check.uniqueIds(values, Filling::id, "values of a condition");
        if (values.stream().anyMatch(Filling::isOfWords)) {
            throw new IllegalArgumentException(
                    "a condition has no words of its own: words that are other at times are built by steps");
        }
    }

    /** The same with another sentence. */
    public Condition saying(String sentence) {
        return new Condition(id, sentence, values);
    }
}
