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

    /** UTF-16 offset in the sentence. */
    public int position() {
        return position;
    }

    public List<String> suggestions() {
        return suggestions;
    }
}
