package knollwind.core.directions.grammar;

import java.util.List;

/** A sentence that cannot be read: where it stops making sense, and what could stand there. */
public final class DirectionException extends IllegalArgumentException {
    private final int position;
    private final List<String> suggestions;

    public DirectionException(String message, int position, List<String> suggestions) {
        super(message);
        this.position = position;
        this.suggestions = List.copyOf(suggestions);
    }

    /** Clauses to show what can be said, where nothing like the typed one is known. */
    private static final int EXAMPLES = 4;

    /** What stands here cannot be read; offered are the clauses that begin most like it, else the first ones. */
    public static DirectionException unread(Lexer words, List<String> openings) {
        int start = words.position();
        List<String> likely = Completion.likely(words.rest(), openings);
        return new DirectionException(
                "\"" + words.next() + "\" cannot be read here",
                start,
                likely.isEmpty() ? openings.subList(0, Math.min(EXAMPLES, openings.size())) : likely);
    }

    /** Something is missing here. */
    public static DirectionException missing(Lexer words, String what) {
        return new DirectionException(what + " is missing here", words.position(), List.of());
    }

    /** UTF-16 offset in the sentence. */
    public int position() {
        return position;
    }

    public List<String> suggestions() {
        return suggestions;
    }
}
