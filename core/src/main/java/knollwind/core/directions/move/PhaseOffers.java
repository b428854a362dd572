package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.document.Operation;
import knollwind.core.motion.Mirror;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;

/** What is offered beside the motion library: for a leave the arrive backwards. */
public final class PhaseOffers {
    private PhaseOffers() {}

    public static List<Control.Option> of(Block block, PhaseKind kind, String path) {
        if (kind != PhaseKind.LEAVE || block.arrive().moves().isEmpty()) {
            return List.of();
        }
        List<Control.Option> offers = new ArrayList<>();
        offers.add(offer("back the way it came", block, path, Mirror::of));
        Control.Option onward = offer("onward", block, path, Mirror::onward);
        if (!onward.operations().equals(offers.get(0).operations())) {
            offers.add(onward);
        }
        return offers;
    }

    private static Control.Option offer(String label, Block block, String path, BiFunction<Move, String, Move> mirror) {
        List<Move> away = new ArrayList<>();
        for (Move move : block.arrive().moves()) {
            away.add(mirror.apply(move, freshId(block.leave(), away)));
        }
        List<Operation> operations =
                away.stream().map(move -> Ops.insert(path + "/moves", move)).toList();
        return new Control.Option(label, false, operations);
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
