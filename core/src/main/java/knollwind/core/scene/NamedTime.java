package knollwind.core.scene;

/**
 * A moment of a scene that others can hang on by its name: a cue, or a word that is spoken.
 *
 * @param id by which {@link TimeLink}s find it
 * @param at scene frame
 * @param until scene frame at which a word has been said; that of its moment for a cue
 */
public record NamedTime(String id, String name, Rational at, Rational until) {
    /** True for a word, which is said for a while. */
    public boolean lasts() {
        return !until.equals(at);
    }

    /** @param edge null for its start */
    public Rational edge(BlockEdge edge) {
        return edge == BlockEdge.END ? until : at;
    }
}
