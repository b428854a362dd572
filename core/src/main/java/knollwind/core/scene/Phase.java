package knollwind.core.scene;

import java.util.List;

/** How a block comes or goes: any number of moves, none meaning a cut. */
public record Phase(List<Move> moves) {
    public static final Phase CUT = new Phase(List.of());

    public Phase {
        moves = Check.list(moves);
        Check.uniqueIds(moves, Move::id, "moves");
    }
}
