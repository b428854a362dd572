package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lets a piece of a move have its turn earlier or later than the others.
 *
 * @param format id of the format that is looked at
 * @param phase arrive or leave
 * @param from offset of the piece in the words
 * @param to where it ends
 * @param by frames later
 */
public record ShiftPiece(
        String scene, String format, String block, String phase, String move, int from, int to, double by)
        implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Move moved = Nodes.moveOf(Nodes.shownBlock(draft.scene(scene), format, block), phase, move);
        if (by == 0) {
            return Outcome.of(List.of(), "");
        }
        String at = BlockPath.of(scene, block) + "/" + phase + "/moves/" + move + "/own";
        for (OwnWay own : moved.own()) {
            if (own.from() <= from && own.to() >= to) {
                return Outcome.of(
                        List.of(new Operation.Set(at + "/" + own.id() + "/shift", Nodes.number(own.shift() + by))), "");
            }
        }
        ObjectNode made = Nodes.object()
                .put("id", new Ids(moved.own().stream().map(OwnWay::id).toList()).first("o"))
                .put("from", from)
                .put("to", to);
        made.set("shift", Nodes.number(by));
        return Outcome.of(List.of(Nodes.append(at, moved.own().size(), made)), "");
    }
}
