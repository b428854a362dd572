package knollwind.core.motion;

import java.util.List;
import knollwind.core.scene.Move;

/**
 * When the units of one move have their turn.
 *
 * @param starts scene frames, by unit
 * @param ends scene frames, by unit
 * @param rule the pace as worked out, before any compression
 * @param cycle how a move of the dwell goes away and comes back; null in the other phases
 * @param lacking how many pieces should have their turns at moments from outside and have none there, or should follow what is not heard
 */
public record MoveTiming(
        PhaseKind phase,
        Move move,
        List<Piece> pieces,
        Ranks ranks,
        List<Double> starts,
        List<Double> ends,
        PaceRule rule,
        Going cycle,
        int lacking) {
    /** Of a move that goes by its own pace. */
    MoveTiming(
            PhaseKind phase,
            Move move,
            List<Piece> pieces,
            Ranks ranks,
            List<Double> starts,
            List<Double> ends,
            PaceRule rule,
            Going cycle) {
        this(phase, move, pieces, ranks, starts, ends, rule, cycle, 0);
    }

    /** The same times of a move that is otherwise alike, without what it does at them. */
    public MoveTiming of(Move other) {
        return new MoveTiming(phase, other, pieces, ranks, starts, ends, rule, null, lacking);
    }
}
