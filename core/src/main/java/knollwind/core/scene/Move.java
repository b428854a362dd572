package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * One animation inside a phase. Channels are always written from away to rest, in a leave as in an arrive; a leave plays
 * them backwards.
 *
 * @param pivot point of the unit it turns and scales about
 * @param easing progress of one unit over its bar, as it is seen: CSS notation or one of our own functions
 * @param after frames that the first unit waits from the phase's start
 * @param hidden whether a unit is invisible before its turn in an arrive, after it in a leave
 * @param reveal the edge that hides the unit while it moves; null for none
 * @param cycle how a move of the dwell goes away and comes back; null in the other phases
 * @param muted whether it does nothing for now
 * @param own pieces that differ from the others
 * @param arc how far an offset bulges to the left of its way from away to rest, as a share of its length; 0 for straight on
 * @param wipe how its reveal goes; null for a plain edge
 * @param lead what is seen ahead of its reveal; null for nothing
 * @param cut the side of a cut that it takes; null for whole pieces
 * @param shared what it is called among the moves of the project that are changed together; null for one of its own
 * @param behind id of a shape whose box hides the pieces while any of them moves; null for none
 * @param keepsArea whether a scale along one side is made good along the other, so that the area stays
 * @param pushes whether letters that grow heavier or wider push those after them along, instead of keeping their places
 */
@RecordBuilder
public record Move(
        String id,
        UnitKind unit,
        Order order,
        Pace pace,
        String easing,
        Pivot pivot,
        double after,
        Boolean hidden,
        Edge reveal,
        List<Channel> channels,
        Cycle cycle,
        Boolean muted,
        List<OwnWay> own,
        Double arc,
        Boolean keepsArea,
        Wipe wipe,
        RevealBar lead,
        Cut cut,
        String shared,
        String behind,
        Boolean pushes)
        implements MoveBuilder.With {

    @JsonCreator
    public Move {
        Check.id(id, "a move");
        Check.present(unit, "the unit of a move");
        order = order == null ? Order.READING : order;
        Check.present(pace, "the pace of a move");
        easing = easing == null ? "linear" : Check.text(easing, 2000, "an easing");
        pivot = pivot == null ? Pivot.CENTRE : pivot;
        Check.range(after, 0, 1_000_000, "the wait before a move");
        hidden = hidden == null || hidden;
        muted = Boolean.TRUE.equals(muted);
        channels = Check.list(channels);
        Check.uniqueIds(channels, Channel::id, "channels");
        if (channels.stream().map(Channel::property).distinct().count() != channels.size()) {
            throw new IllegalArgumentException("a move has at most one channel for a property");
        }
        own = Check.list(own);
        Check.uniqueIds(own, OwnWay::id, "ways of their own");
        arc = arc == null ? Double.valueOf(0) : arc;
        Check.range(arc, -4, 4, "the arc of a move");
        if (behind != null) {
            Check.id(behind, "what a move comes from behind of");
        }
        if (shared != null) {
            Check.text(shared, 60, "the name of a shared move");
            if (shared.isBlank() || shared.matches(".*[\u201c\u201d\"].*")) {
                throw new IllegalArgumentException("a shared move needs a name without quotation marks");
            }
        }
        keepsArea = Boolean.TRUE.equals(keepsArea);
        pushes = Boolean.TRUE.equals(pushes);
    }

    /** What is special about the piece of this stretch of the words; null when it goes like the others. */
    public OwnWay ownOf(int from, int to) {
        for (OwnWay way : own) {
            if (way.covers(from, to)) {
                return way;
            }
        }
        return null;
    }
}
