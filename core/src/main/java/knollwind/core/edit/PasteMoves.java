package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Move;
import knollwind.core.scene.Scene;
import knollwind.core.scene.UnitKind;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Pastes moves into the same phase of several blocks. A block without words takes only moves of a whole. What some characters do
 * otherwise belongs to the words it was made for and is not pasted.
 *
 * @param format id of the format that is looked at
 * @param phase arrive, dwell or leave
 * @param moves as they stand in the document that they were copied from
 */
public record PasteMoves(
        String scene, String format, List<String> blocks, String phase, List<JsonNode> moves, Share share)
        implements Intent {
    /** What of copied moves is pasted. */
    public enum Share {
        /** The moves, behind those that are there. */
        @JsonProperty("all")
        ALL,
        /** The moves with what some characters do otherwise, as they were typed for these words. */
        @JsonProperty("typed")
        TYPED,
        /** The same, in place of those that are there. */
        @JsonProperty("typedInstead")
        TYPED_INSTEAD,
        /** The moves, in place of those that are there. */
        @JsonProperty("instead")
        INSTEAD,
        /** Only the pace and the easing, onto the moves in turn. */
        @JsonProperty("pace")
        PACE,
        /** Only what changes, onto the moves in turn. */
        @JsonProperty("channels")
        CHANNELS
    }

    public PasteMoves {
        blocks = Check.list(blocks);
        moves = Check.list(moves);
        Check.present(share, "what of the moves is pasted");
        if (moves.isEmpty()) {
            throw new IllegalArgumentException("no moves have been copied");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        List<Move> copied =
                moves.stream().map(move -> DocumentJson.read(move, Move.class)).toList();
        List<Operation> operations = new ArrayList<>();
        for (Block block : Filler.blocks(open, open.format(format))) {
            if (blocks.contains(block.id())) {
                String at = BlockPath.of(scene, block.id()) + "/" + phase;
                operations.addAll(pasted(block, at, copied));
            }
        }
        return Outcome.of(operations, "");
    }

    private List<Operation> pasted(Block block, String at, List<Move> copied) {
        List<Move> there = Nodes.phaseOf(block, phase).moves();
        return switch (share) {
            case ALL, TYPED -> added(block, at, copied, there);
            case INSTEAD, TYPED_INSTEAD -> added(block, at, copied, List.of());
            case PACE, CHANNELS -> onto(there, at, copied);
        };
    }

    private List<Operation> added(Block block, String at, List<Move> copied, List<Move> there) {
        Ids ids = new Ids(there.stream().map(Move::id).toList());
        List<ObjectNode> made = new ArrayList<>();
        for (int i = 0; i < copied.size(); i++) {
            if (block.asWords().isPresent() || copied.get(i).unit() == UnitKind.WHOLE) {
                ObjectNode move = (ObjectNode) moves.get(i).deepCopy();
                move.put("id", ids.first("m"));
                if (share != Share.TYPED && share != Share.TYPED_INSTEAD) {
                    move.putArray("own");
                }
                made.add(move);
            }
        }
        if (made.isEmpty()) {
            return List.of();
        }
        if (there.isEmpty()) {
            ObjectNode whole = Nodes.object();
            ArrayNode list = whole.putArray("moves");
            made.forEach(list::add);
            return List.of(new Operation.Set(at, whole));
        }
        return made.stream()
                .<Operation>map(move -> new Operation.Insert(at + "/moves", Integer.MAX_VALUE, move))
                .toList();
    }

    private List<Operation> onto(List<Move> there, String at, List<Move> copied) {
        List<Operation> operations = new ArrayList<>();
        for (int i = 0; i < there.size(); i++) {
            Move from = copied.get(Math.min(i, copied.size() - 1));
            String own = at + "/moves/" + there.get(i).id() + "/";
            if (share == Share.PACE) {
                operations.add(new Operation.Set(own + "pace", DocumentJson.tree(from.pace())));
                operations.add(new Operation.Set(own + "easing", new StringNode(from.easing())));
            } else {
                operations.add(new Operation.Set(own + "channels", DocumentJson.tree(from.channels())));
                operations.add(new Operation.Set(own + "pivot", DocumentJson.tree(from.pivot())));
            }
        }
        return operations;
    }
}
