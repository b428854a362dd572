package knollwind.core.edit;

import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Move;
import tools.jackson.databind.node.StringNode;

/**
 * Shares a move in the project under a name of its own: what is changed of one move of that name is changed of all. It is called
 * as its block is, with a number behind it.
 *
 * @param format id of the format that is looked at
 * @param phase arrive, dwell or leave
 * @param move id of the move
 */
public record ShareMove(String scene, String format, String block, String phase, String move) implements Intent {
    /** So many characters of the block's name; 60 are the most that the name of a move has. */
    private static final int LONGEST = 40;

    @Override
    public Outcome on(Draft draft) {
        Block of = Nodes.shownBlock(draft.scene(scene), format, block);
        Nodes.moveOf(of, phase, move);
        String plain = of.name().replaceAll("[\"\u201c\u201d]", "");
        String stem = plain.length() > LONGEST ? plain.substring(0, LONGEST) : plain;
        Ids names = new Ids(draft.project().scenes().stream()
                .flatMap(one -> one.blocks().stream())
                .flatMap(one -> Nodes.phaseOf(one, phase).moves().stream())
                .map(Move::shared)
                .filter(name -> name != null)
                .collect(Collectors.toSet()));
        String name = names.first((stem.isBlank() ? "move" : stem) + " ");
        return Outcome.of(
                List.of(new Operation.Set(
                        BlockPath.of(scene, block) + "/" + phase + "/moves/" + move + "/shared", new StringNode(name))),
                "");
    }
}
