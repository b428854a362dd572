package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * One animation inside a phase. Channels are always written from away to rest, in a leave as in an arrive; a leave plays
 * them backwards.
 *
 * @param pivot point of the unit it turns and scales about
 * @param easing progress of one unit over its bar, as it is seen: CSS notation or one of our own functions
 * @param after frames that the first unit waits from the phase's start
 * @param uncovering how its pieces come to be seen
 * @param manner what goes along with its changes
 * @param cycle how a move of the dwell goes away and comes back; null in the other phases
 * @param muted whether it does nothing for now
 * @param own pieces that differ from the others
 * @param only the pieces it is for; null for all
 * @param shared what it is called among the moves of the project that are changed together; null for one of its own
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
        List<Channel> channels,
        @JsonUnwrapped Uncovering uncovering,
        @JsonUnwrapped Manner manner,
        Cycle cycle,
        Boolean muted,
        List<OwnWay> own,
        Only only,
        String shared)
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
        uncovering = uncovering == null ? Uncovering.PLAIN : uncovering;
        manner = manner == null ? Manner.PLAIN : manner;
        muted = Boolean.TRUE.equals(muted);
        channels = Check.list(channels);
        Check.uniqueIds(channels, Channel::id, "channels");
        if (channels.stream().map(Channel::property).distinct().count() != channels.size()) {
            throw new IllegalArgumentException("a move has at most one channel for a property");
        }
        own = Check.list(own);
        Check.uniqueIds(own, OwnWay::id, "ways of their own");
        only = only == null ? null : only.among(unit);
        if (cycle != null && pace.whole()) {
            throw new IllegalArgumentException(
                    "a move of the dwell goes there and back all the time; only ways in and out can take their whole time");
        }
        if (shared != null) {
            Check.text(shared, 60, "the name of a shared move");
            if (shared.isBlank() || shared.matches(".*[\u201c\u201d\"].*")) {
                throw new IllegalArgumentException("a shared move needs a name without quotation marks");
            }
        }
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
