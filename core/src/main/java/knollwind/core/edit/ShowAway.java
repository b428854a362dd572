package knollwind.core.edit;

import java.util.List;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.Move;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.Uncovering;
import tools.jackson.databind.node.ObjectNode;

/**
 * A draft to look at, not to be kept: at the scene's first frame the block alone, with all its pieces where a move has them come from
 * or go to, and nothing that hides them.
 *
 * @param format id of the format that is looked at
 * @param phase arrive or leave
 * @param move id of the move
 */
public record ShowAway(String scene, String format, String block, String phase, String move) implements Intent {
    /** What would make a ghost of the ghost. */
    private static final Set<Property> HIDING = Set.of(
            Property.OPACITY,
            Property.REVEAL,
            Property.DRAW,
            Property.WRITE,
            Property.BLUR,
            Property.BLUR_X,
            Property.BLUR_Y);

    /** Frames: long enough that the first one is at the very beginning of all pieces' turns. */
    private static final int LONG = 40;

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block of = Nodes.shownBlock(open, format, block);
        Move away = Nodes.moveOf(of, phase, move)
                .with(other -> other.channels(other.channels().stream()
                                .filter(channel -> !HIDING.contains(channel.property()))
                                .toList())
                        .uncovering(Uncovering.PLAIN.withHidden(false))
                        .muted(false)
                        .after(0)
                        .cycle(null)
                        .pace(Pace.eachApart(LONG / 2.0, 0)));
        ObjectNode ghost = (ObjectNode) DocumentJson.blockTree(of);
        ghost.set("span", DocumentJson.tree(Span.of(0, LONG)));
        ghost.set("arrive", DocumentJson.tree(new Phase(List.of(away))));
        ghost.set("dwell", DocumentJson.tree(Phase.CUT));
        ghost.set("leave", DocumentJson.tree(Phase.CUT));
        // What it hangs on is not there beside it.
        ghost.set(
                "place",
                DocumentJson.tree(of.place().with(other -> other.attach(null).follow(null))));
        String at = "scenes/" + scene + "/";
        return Outcome.of(
                List.of(
                        new Operation.Set(at + "blocks", Nodes.array(List.of(ghost))),
                        new Operation.Set(at + "background", DocumentJson.tree(new Fill.None())),
                        new Operation.Set(
                                at + "formats", Nodes.array(List.of(DocumentJson.tree(plain(open.format(format)))))),
                        new Operation.Set(at + "measure", DocumentJson.tree(open.measured())),
                        new Operation.Set(at + "camera", Nodes.NONE)),
                "");
    }

    /** The ghost is shown as the format has it; nothing is laid over it once more. */
    private static Format plain(Format format) {
        return new Format(format.id(), format.name(), format.width(), format.height(), List.of());
    }
}
