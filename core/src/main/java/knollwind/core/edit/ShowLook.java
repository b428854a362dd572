package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.library.LookLibrary;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;

/**
 * A draft to look at, not to be kept: the block alone on a card of its own, large in its middle, in a ready-made look.
 *
 * @param own whether in the colour of its own words
 * @param length frames that the card lasts
 */
public record ShowLook(String scene, String block, String look, boolean own, int length) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block of = Nodes.blockOf(open, block);
        List<Operation> card = new ArrayList<>(Card.of(open, of, length, alone -> alone.remove("dress")));
        Draft bare = draft.after(card);
        double em = DressAs.em(bare.scores(bare.scene(scene), Card.FORMAT).get(block));
        card.add(new Operation.Set(
                BlockPath.of(scene, block) + "/dress",
                DocumentJson.tree(LookLibrary.look(look).dressings(em, own ? DressAs.colour(of) : null))));
        return Outcome.of(card, "");
    }
}
