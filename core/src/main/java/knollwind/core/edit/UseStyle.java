package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.library.Style;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/**
 * Gives blocks a style that was kept, in place of what it holds of them. Dressings are as large as each block's type; what words stand on
 * stays theirs.
 *
 * @param blocks ids
 * @param style as it was kept
 */
public record UseStyle(String scene, List<String> blocks, JsonNode style) implements Intent {
    public UseStyle {
        blocks = Check.list(blocks);
        Check.present(style, "the style");
    }

    @Override
    public Outcome on(Draft draft) {
        Style wanted = Style.read(style);
        Scene open = draft.scene(scene);
        List<Operation> operations = new ArrayList<>();
        for (String id : blocks) {
            operations.addAll(worn(Nodes.blockOf(open, id), wanted));
        }
        Draft set = draft.after(operations);
        Scene after = set.scene(scene);
        Map<String, BlockScore> scores = set.scores(after, after.formats().get(0));
        for (String id : blocks) {
            operations.add(new Operation.Set(
                    BlockPath.of(scene, id) + "/dress",
                    DocumentJson.tree(wanted.dressings(DressAs.em(scores.get(id))))));
        }
        return Outcome.of(operations, "");
    }

    /** All but what it is dressed with. */
    private List<Operation> worn(Block block, Style wanted) {
        String at = BlockPath.of(scene, block.id());
        List<Operation> operations = new ArrayList<>();
        if (wanted.setting() != null) {
            block.asWords()
                    .ifPresent(words -> operations.add(new Operation.Set(
                            at + "/setting",
                            DocumentJson.tree(wanted.setting()
                                    .with(own -> own.path(words.setting().path()))))));
        }
        if (wanted.arrive() != null) {
            operations.add(new Operation.Set(at + "/arrive", DocumentJson.tree(Style.fitting(wanted.arrive(), block))));
            operations.add(new Operation.Set(at + "/dwell", DocumentJson.tree(Style.fitting(wanted.dwell(), block))));
            operations.add(new Operation.Set(at + "/leave", DocumentJson.tree(Style.fitting(wanted.leave(), block))));
        }
        return operations;
    }
}
