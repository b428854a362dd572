package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.motion.Mirror;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Move;
import knollwind.core.scene.Operation;
import knollwind.core.scene.Phase;

/** What is offered beside the motion library: for a leave the arrive backwards. */
final class PhaseOffers {
    private PhaseOffers() {}

    static List<Control.Option> of(Block block, PhaseKind kind, String path) {
        if (kind != PhaseKind.LEAVE || block.arrive().moves().isEmpty()) {
            return List.of();
        }
        List<Move> back = new ArrayList<>();
        for (Move move : block.arrive().moves()) {
            back.add(Mirror.of(move, freshId(block.leave(), back)));
        }
        List<Operation> operations =
                back.stream().map(move -> Ops.insert(path + "/moves", move)).toList();
        return List.of(new Control.Option("back the way it came", false, operations));
    }

    static String freshId(Phase phase, List<Move> others) {
        int number = 1;
        while (true) {
            String id = "m" + number++;
            boolean taken = phase.moves().stream().anyMatch(move -> move.id().equals(id))
                    || others.stream().anyMatch(move -> move.id().equals(id));
            if (!taken) {
                return id;
            }
        }
    }
}
