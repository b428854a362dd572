package knollwind.core.scene;

import java.util.List;

/** How a block comes or goes: any number of moves, none meaning a cut. */
public record Phase(List<Move> moves) {
    public static final Phase CUT = new Phase(List.of());

    public Phase {
        moves = Check.list(moves);
        Check.uniqueIds(moves, Move::id, "moves");
    }

    /** The phase as a dwell, empty for null; a move without a cycle is refused. */
    static Phase dwelling(Phase phase) {
        if (phase == null) {
            return CUT;
        }
        for (Move move : phase.moves()) {
            if (move.cycle() == null) {
                throw new IllegalArgumentException(
                        "the move '" + move.id() + "' of a dwell does not say how it goes away and comes back");
            }
        }
        return phase;
    }

    /** Whether some of its moves, muted ones aside, are called at moments from outside. */
    public boolean called() {
        return moves.stream().anyMatch(move -> !move.muted() && move.pace().moments() != null);
    }
}
