package knollwind.core.edit;

import java.util.List;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/**
 * A draft to look at, not to be kept: the block alone on a card of its own, large in its middle, with these moves in a phase and none
 * in the others.
 *
 * @param phase arrive, dwell or leave
 * @param moves as they stand in a document
 * @param length frames that the card lasts
 */
public record ShowMoves(String scene, String block, String phase, List<JsonNode> moves, int length) implements Intent {
    public ShowMoves {
        moves = Check.list(moves);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block of = Nodes.blockOf(open, block);
        Nodes.phaseOf(of, phase);
        return Outcome.of(
                Card.of(
                        open,
                        of,
                        length,
                        alone -> alone.set(phase, Nodes.object().set("moves", Nodes.array(moves)))),
                "");
    }
}
