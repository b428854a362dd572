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

    /** What stands here cannot be read; offered are the clauses that begin most like it. */
    public static DirectionException unread(Lexer words, List<String> openings) {
        int start = words.position();
        return new DirectionException(
                "\"" + words.next() + "\" cannot be read here", start, Completion.likely(words.rest(), openings));
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
