package knollwind.core.scene;

/**
 * A styled stretch [from, to) of a block's text, in UTF-16 units. Null values follow the block's setting. Edits of the
 * text move runs (see {@link TextEdit}).
 */
public record Run(
        String id,
        int from,
        int to,
        Face face,
        Double size,
        String colour,
        String language,
        Setting.Direction direction) {
    public Run {
        Check.id(id, "a run");
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "a run covers at least one character; this one goes from " + from + " to " + to);
        }
        if (size != null) {
            Check.range(size, 0.5, 4000, "the size of a run");
        }
        if (colour != null) {
            Colour.check(colour);
        }
    }

    /** The same style on another stretch. */
    public Run at(int from, int to) {
        return new Run(id, from, to, face, size, colour, language, direction);
    }
}
