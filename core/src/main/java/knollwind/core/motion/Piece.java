package knollwind.core.motion;

/**
 * What an order needs to know of a unit.
 *
 * @param id stable name, by which random orders deal
 * @param line index of its line
 * @param word index of its word; for a line, of its first one
 * @param x centre of its advance box, px
 * @param y centre of its advance box, px
 * @param spaces spaces right before it in its line
 * @param from first UTF-16 offset of the words that it stands for
 * @param to the offset behind its last one
 */
public record Piece(String id, int line, int word, double x, double y, int spaces, int from, int to) {
    /** A piece of a line in which nothing is spaced. */
    public Piece(String id, int line, double x, double y) {
        this(id, line, 0, x, y, 0, 0, 0);
    }
}
