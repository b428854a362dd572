package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.library.LookLibrary;
import knollwind.core.library.ReadyLook;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;

/**
 * Dresses blocks in a ready-made look, each as large as its type, in place of what they are dressed with.
 *
 * @param blocks ids
 * @param look its name
 * @param own whether in the colour of their own words
 */
public record DressAs(String scene, List<String> blocks, String look, boolean own) implements Intent {
    public DressAs {
        blocks = blocks == null ? List.of() : List.copyOf(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        ReadyLook wanted = LookLibrary.look(look);
        Map<String, BlockScore> scores = draft.scores(open, open.formats().get(0));
        List<Operation> operations = new ArrayList<>();
        for (String id : blocks) {
            Block block = Nodes.blockOf(open, id);
            operations.add(new Operation.Set(
                    BlockPath.of(scene, id) + "/dress",
                    DocumentJson.tree(wanted.dressings(em(scores.get(id)), own ? colour(block) : null))));
        }
        return Outcome.of(operations, "");
    }

    /** px of the type; of a shape its height. What is never on is as large as looks are written for. */
    static double em(BlockScore score) {
        return score == null ? ReadyLook.EM : score.em();
    }

    /** The one colour of a block; null where it has none. */
    static String colour(Block block) {
        return block.fill().oneColour().flatMap(value -> value.literal()).orElse(null);
    }
}
