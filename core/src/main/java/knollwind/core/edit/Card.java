package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Format;
import knollwind.core.scene.Length;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.Value;
import tools.jackson.databind.node.ObjectNode;

/** A block alone on a card of its own, large in its middle and without moves: a draft to look at, not to be kept. */
final class Card {
    /** A card is seen at half this size in galleries, so thin strokes stay strokes; its shape is that of the cards there. */
    static final Format FORMAT = new Format("card", "card", 960, 366, List.of());

    /** Of the frame: around the words is room for what comes from outside them. */
    private static final Length WIDE = new Length(72, Length.Unit.FRAME);

    private static final Length HIGH = new Length(52, Length.Unit.FRAME);

    /** px; a long text is small on a card rather than cut off. */
    private static final double LEAST = 4;

    private Card() {}

    /**
     * @param length frames that the card lasts
     * @param shown what of the block is to be looked at
     */
    static List<Operation> of(Scene scene, Block of, int length, Consumer<ObjectNode> shown) {
        ObjectNode alone = (ObjectNode) DocumentJson.blockTree(of);
        for (String name : List.of("arrive", "dwell", "leave")) {
            alone.set(name, DocumentJson.tree(Phase.CUT));
        }
        alone.set("span", DocumentJson.tree(Span.of(0, length)));
        Value<Length> middle = Value.of(new Length(50, Length.Unit.FRAME));
        Place place = PlaceBuilder.builder().x(middle).y(middle).build();
        alone.set("place", DocumentJson.tree(place));
        alone.put("opacity", 1);
        alone.put("hidden", false);
        of.asWords().ifPresent(words -> alone.set("setting", DocumentJson.tree(large(words.setting()))));
        shown.accept(alone);
        String at = "scenes/" + scene.id() + "/";
        List<Operation> card = new ArrayList<>(List.of(
                new Operation.Set(at + "formats", Nodes.array(List.of(DocumentJson.tree(FORMAT)))),
                new Operation.Set(at + "length", Nodes.number(length)),
                new Operation.Set(at + "blocks", Nodes.array(List.of(alone)))));
        if (scene.captions() != null) {
            // What they are dressed as is not seen by itself.
            card.add(new Operation.Clear(at + "captions"));
        }
        return card;
    }

    /** Puts dressings onto the block of a card, as large as its type is there. */
    static List<Operation> dressed(
            Draft draft, List<Operation> card, String scene, String block, DoubleFunction<List<Dressing>> dressings) {
        Draft alone = draft.after(card);
        double em = DressAs.em(alone.scores(alone.scene(scene), FORMAT).get(block));
        return List.of(
                new Operation.Set(BlockPath.of(scene, block) + "/dress", DocumentJson.tree(dressings.apply(em))));
    }

    static Setting large(Setting setting) {
        return setting.with(other -> other.path(null)
                .column(null)
                .columnHeight(null)
                .pairs(null)
                .fit(new Fit(Fit.Kind.INSIDE, WIDE, HIGH, LEAST)));
    }
}
