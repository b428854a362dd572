package knollwind.core.scene;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What goes along with the changes of a move. In JSON these are members of the move itself.
 *
 * @param arc how far an offset bulges to the left of its way from away to rest, as a share of its length; 0 for straight on
 * @param keepsArea whether a scale along one side is made good along the other, so that the area stays
 * @param pushes whether letters that grow heavier or wider push those after them along, instead of keeping their places
 */
@RecordBuilder
public record Manner(Double arc, Boolean keepsArea, Boolean pushes) implements MannerBuilder.With {
    /** Straight on, and nothing else. */
    public static final Manner PLAIN = new Manner(0.0, false, false);

    public Manner {
        arc = arc == null ? Double.valueOf(0) : arc;
        Check.range(arc, -4, 4, "the arc of a move");
        keepsArea = Boolean.TRUE.equals(keepsArea);
        pushes = Boolean.TRUE.equals(pushes);
    }
}
