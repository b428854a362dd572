package knollwind.core.scene;

/**
 * The pieces that a move is for; it leaves all others alone.
 *
 * @param of what is counted: characters, words or lines
 * @param from where a stretch begins: a UTF-16 unit of the words for characters, which edits of the words move along; else counted
 *     from 0
 * @param to behind the stretch; 0 where every n-th is meant
 * @param every 1 for a stretch, else 2 to 100: so many go by from one to the next
 * @param first the first of every n-th, 0 to {@code every} − 1
 */
public record Only(UnitKind of, int from, int to, Integer every, Integer first) {
    public Only {
        Check.present(of, "what is counted of the pieces that move");
        if (of == UnitKind.WHOLE) {
            throw new IllegalArgumentException("of the whole no piece can be told from the others");
        }
        every = every == null ? 1 : every;
        Check.range(every, 1, 100, "how many pieces go by");
        first = first == null || every == 1 ? 0 : first;
        Check.range(first, 0, every - 1, "the first piece that moves");
        if (every > 1) {
            from = 0;
            to = 0;
        } else if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "pieces that move are a stretch of the words, not " + from + " to " + to);
        }
    }

    public static Only stretch(UnitKind of, int from, int to) {
        return new Only(of, from, to, 1, 0);
    }

    public static Only every(UnitKind of, int every, int first) {
        return new Only(of, 0, 0, every, first);
    }

    /**
     * The same for moves of such pieces: what is smaller than a piece cannot be told from its neighbours; null for the whole.
     */
    Only among(UnitKind unit) {
        if (unit == UnitKind.WHOLE) {
            return null;
        }
        return every > 1 && of.compareTo(unit) < 0 ? every(unit, every, first) : this;
    }

    /**
     * True when a piece is one of them.
     *
     * @param index of the piece among those of its own kind
     * @param word index of its first word
     * @param line index of its line
     * @param from its first UTF-16 unit
     * @param to behind its last one
     */
    public boolean takes(int index, int word, int line, int from, int to) {
        int counted = switch (of) {
            case WORD -> word;
            case LINE -> line;
            default -> index;
        };
        if (every > 1) {
            return counted % every == first;
        }
        return of == UnitKind.CHARACTER ? from < this.to && to > this.from : counted >= this.from && counted < this.to;
    }
}
