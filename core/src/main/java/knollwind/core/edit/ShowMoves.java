package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Format;
import knollwind.core.scene.Length;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.Value;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A draft to look at, not to be kept: the block alone on a card of its own, large in its middle, with these moves in a phase and none
 * in the others.
 *
 * @param phase arrive, dwell or leave
 * @param moves as they stand in a document
 * @param length frames that the card lasts
 */
public record ShowMoves(String scene, String block, String phase, List<JsonNode> moves, int length) implements Intent {
    /** A card is seen at half this size in the library, so thin strokes stay strokes; its shape is that of the cards there. */
    private static final Format CARD = new Format("card", "card", 960, 366, List.of());

    /** Of the frame: around the words is room for what comes from outside them. */
    private static final Length WIDE = new Length(72, Length.Unit.FRAME);

    private static final Length HIGH = new Length(52, Length.Unit.FRAME);

    /** px; a long text is small on a card rather than cut off. */
    private static final double LEAST = 4;

    public ShowMoves {
        moves = Check.list(moves);
    }

    @Override
    public Outcome on(Draft draft) {
        Block of = Nodes.blockOf(draft.scene(scene), block);
        Nodes.phaseOf(of, phase);
        ObjectNode alone = (ObjectNode) DocumentJson.blockTree(of);
        for (String name : List.of("arrive", "dwell", "leave")) {
            alone.set(name, DocumentJson.tree(Phase.CUT));
        }
        alone.set(phase, Nodes.object().set("moves", Nodes.array(moves)));
        alone.set("span", DocumentJson.tree(Span.of(0, length)));
        Value<Length> middle = Value.of(new Length(50, Length.Unit.FRAME));
        Place place = PlaceBuilder.builder().x(middle).y(middle).build();
        alone.set("place", DocumentJson.tree(place));
        alone.put("opacity", 1);
        alone.put("hidden", false);
        of.asWords().ifPresent(words -> alone.set("setting", DocumentJson.tree(large(words.setting()))));
        return Outcome.of(
                List.of(
                        new Operation.Set(at("formats"), Nodes.array(List.of(DocumentJson.tree(CARD)))),
                        new Operation.Set(at("length"), Nodes.number(length)),
                        new Operation.Set(at("blocks"), Nodes.array(List.of(alone)))),
                "");
    }

    private String at(String member) {
        return "scenes/" + scene + "/" + member;
    }

    private static Setting large(Setting setting) {
        return setting.with(other -> other.path(null)
                .column(null)
                .columnHeight(null)
                .pairs(null)
                .fit(new Fit(Fit.Kind.INSIDE, WIDE, HIGH, LEAST)));
    }
}
