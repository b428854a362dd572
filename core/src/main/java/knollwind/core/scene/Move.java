package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
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
 * @param keepsArea whether a scale along one side is made good along the other, so that the area stays
 */
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
        Boolean keepsArea) {
    /** A move of an arrive or a leave. */
    public Move(
            String id,
            UnitKind unit,
            Order order,
            Pace pace,
            String easing,
            Pivot pivot,
            double after,
            Boolean hidden,
            Edge reveal,
            List<Channel> channels) {
        this(id, unit, order, pace, easing, pivot, after, hidden, reveal, channels, null, false, null, 0.0, false);
    }

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
        keepsArea = Boolean.TRUE.equals(keepsArea);
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

    /** The same move with a cycle, or without one. */
    public Move cycling(Cycle other) {
        return new Move(
                id, unit, order, pace, easing, pivot, after, hidden, reveal, channels, other, muted, own, arc,
                keepsArea);
    }

    /** The same move, doing nothing for now or acting again. */
    public Move muted(boolean other) {
        return new Move(
                id, unit, order, pace, easing, pivot, after, hidden, reveal, channels, cycle, other, own, arc,
                keepsArea);
    }

    /** The same move with its offsets on an arc. */
    public Move arcing(double bulge) {
        return new Move(
                id, unit, order, pace, easing, pivot, after, hidden, reveal, channels, cycle, muted, own, bulge,
                keepsArea);
    }

    /** The same move, its scales keeping the area or not. */
    public Move keepingArea(boolean keeps) {
        return new Move(
                id, unit, order, pace, easing, pivot, after, hidden, reveal, channels, cycle, muted, own, arc, keeps);
    }

    /** The same move under another id. */
    public Move named(String other) {
        return new Move(
                other, unit, order, pace, easing, pivot, after, hidden, reveal, channels, cycle, muted, own, arc,
                keepsArea);
    }

    /** The same move with other channels. */
    public Move changing(List<Channel> others) {
        return new Move(
                id, unit, order, pace, easing, pivot, after, hidden, reveal, others, cycle, muted, own, arc, keepsArea);
    }

    /** The same move with pieces that go their own way. */
    public Move except(List<OwnWay> ways) {
        return new Move(
                id, unit, order, pace, easing, pivot, after, hidden, reveal, channels, cycle, muted, ways, arc,
                keepsArea);
    }
}
