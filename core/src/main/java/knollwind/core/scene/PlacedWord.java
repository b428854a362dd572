package knollwind.core.scene;

/**
 * A resting place of its own for the word that begins in a stretch [from, to) of a block's text, in UTF-16 units. Edits of
 * the text move it along (see {@link TextEdit}).
 *
 * @param x px to the right of where the word would stand
 * @param y px below where the word would stand
 * @param rotation degrees, clockwise, about the word's middle
 * @param scale about the word's middle, 0.05 to 20
 */
public record PlacedWord(String id, int from, int to, double x, double y, double rotation, double scale) {
    public PlacedWord {
        Check.id(id, "a placed word");
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "a placed word covers at least one character; this one goes from " + from + " to " + to);
        }
        Check.range(x, -100_000, 100_000, "the x of a placed word");
        Check.range(y, -100_000, 100_000, "the y of a placed word");
        Check.range(rotation, -3600, 3600, "the rotation of a placed word");
        Check.range(scale, 0.05, 20, "the scale of a placed word");
    }
}
