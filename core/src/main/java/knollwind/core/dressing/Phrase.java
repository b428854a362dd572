package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * How a dressing is said: groups of words in their order. The first is always said; of the others only those that have something else
 * to say than is usual, or that are always said too.
 */
public record Phrase(List<Group> groups) {
    /** @param always whether it is said also where it says what is usual */
    public record Group(List<Word> words, boolean always) {
        /** The words before its first value. */
        public String opening() {
            return ((Word.Said) words.get(0)).text();
        }
    }

    public Phrase {
        groups = List.copyOf(groups);
    }

    /** @param words a text, or a word with a value; a group begins with a text */
    public static Phrase of(Object... words) {
        return new Phrase(List.of(group(true, words)));
    }

    /** The same and what is always said next. */
    public Phrase then(Object... words) {
        return and(group(true, words));
    }

    /** The same and what is said next where it is not as usual. */
    public Phrase maybe(Object... words) {
        return and(group(false, words));
    }

    private Phrase and(Group group) {
        List<Group> all = new ArrayList<>(groups);
        all.add(group);
        return new Phrase(all);
    }

    private static Group group(boolean always, Object... words) {
        return new Group(
                Stream.of(words)
                        .map(word -> word instanceof String text ? new Word.Said(text) : (Word) word)
                        .toList(),
                always);
    }

    /** All words that have values, in their order. */
    public List<Word> values() {
        return groups.stream()
                .flatMap(group -> group.words().stream())
                .filter(word -> !(word instanceof Word.Said))
                .toList();
    }

    /** How it begins. */
    public String opening() {
        return groups.get(0).opening();
    }
}
