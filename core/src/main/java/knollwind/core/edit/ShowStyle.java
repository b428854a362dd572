package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.library.Style;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/**
 * A draft to look at, not to be kept: the block alone on a card of its own, large in its middle, in a style that was kept.
 *
 * @param style as it was kept
 * @param length frames that the card lasts
 */
public record ShowStyle(String scene, String block, JsonNode style, int length) implements Intent {
    public ShowStyle {
        Check.present(style, "the style");
    }

    @Override
    public Outcome on(Draft draft) {
        Style wanted = Style.read(style);
        Scene open = draft.scene(scene);
        Block of = Nodes.blockOf(open, block);
        List<Operation> card = new ArrayList<>(Card.of(open, of, length, alone -> {
            if (wanted.setting() != null && of.asWords().isPresent()) {
                alone.set("setting", DocumentJson.tree(Card.large(wanted.setting())));
            }
            if (wanted.arrive() != null) {
                alone.set("arrive", DocumentJson.tree(Style.fitting(wanted.arrive(), of)));
                alone.set("dwell", DocumentJson.tree(Style.fitting(wanted.dwell(), of)));
                alone.set("leave", DocumentJson.tree(Style.fitting(wanted.leave(), of)));
            }
        }));
        card.addAll(Card.dressed(draft, card, scene, block, wanted::dressings));
        return Outcome.of(card, "");
    }
}
