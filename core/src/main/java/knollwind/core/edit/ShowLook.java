package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
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
        String colour = own ? DressAs.colour(of) : null;
        card.addAll(Card.dressed(
                draft, card, scene, block, em -> LookLibrary.look(look).dressings(em, colour)));
        return Outcome.of(card, "");
    }
}
