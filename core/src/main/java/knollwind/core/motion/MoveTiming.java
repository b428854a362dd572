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
 */
public record MoveTiming(
        PhaseKind phase,
        Move move,
        List<Piece> pieces,
        Ranks ranks,
        List<Double> starts,
        List<Double> ends,
        PaceRule rule,
        Going cycle) {}
