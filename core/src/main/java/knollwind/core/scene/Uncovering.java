package knollwind.core.scene;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How the pieces of a move come to be seen. In JSON these are members of the move itself.
 *
 * @param hidden whether a piece is invisible before its turn in an arrive, after it in a leave
 * @param reveal the edge that hides a piece while it moves; null for none
 * @param wipe how its reveal goes; null for a plain edge
 * @param lead what is seen ahead of its reveal; null for nothing
 * @param cut the side of a cut that it takes; null for whole pieces
 * @param behind id of a shape whose box hides the pieces while any of them moves; null for none
 */
@RecordBuilder
public record Uncovering(Boolean hidden, Edge reveal, Wipe wipe, RevealBar lead, Cut cut, String behind)
        implements UncoveringBuilder.With {
    /** Pieces come with their turn and nothing hides them. */
    public static final Uncovering PLAIN = new Uncovering(true, null, null, null, null, null);

    public Uncovering {
        hidden = hidden == null || hidden;
        if (behind != null) {
            Check.id(behind, "what a move comes from behind of");
        }
    }
}
