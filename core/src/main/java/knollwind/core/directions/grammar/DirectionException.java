package knollwind.core.directions.grammar;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence that cannot be read: where it stops making sense, and what could stand there. */
public final class DirectionException extends IllegalArgumentException {
    /** A name in quotation marks, a decimal or any other sign within a clause. */
    private static final Pattern CLAUSE = Pattern.compile("(“[^”]*”|\"[^\"]*\"|\\.(?=\\d)|[^,;.])*");

    private final int position;
    private final int end;
    private final List<String> suggestions;

    public DirectionException(String message, int position, List<String> suggestions) {
        this(message, position, position, suggestions);
    }

    private DirectionException(String message, int position, int end, List<String> suggestions) {
        super(message);
        this.position = position;
        this.end = end;
        this.suggestions = List.copyOf(suggestions);
    }

    /** The same, marked in the sentence that was typed: from the first sign that cannot be read to the end of its clause. */
    DirectionException in(String sentence) {
        int from = Math.min(position, sentence.length());
        while (from < sentence.length() && " ,;\t".indexOf(sentence.charAt(from)) >= 0) {
            from++;
        }
        Matcher clause = CLAUSE.matcher(sentence).region(from, sentence.length());
        int to = clause.lookingAt() ? clause.end() : from;
        DirectionException marked = new DirectionException(getMessage(), from, to, suggestions);
        marked.initCause(this);
        return marked;
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

    /** UTF-16 offset behind the clause that cannot be read; the same as the position where something is missing. */
    public int end() {
        return end;
    }

    public List<String> suggestions() {
        return suggestions;
    }
}
