package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Check;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/**
 * Hangs the start or the end of a block on a cue, on a spoken word, or on a moment of another block.
 *
 * @param format id of the format that is looked at
 * @param edge start or end
 * @param cue id of the cue or the word; null for another block
 * @param other id of the other block; null for a cue
 * @param moment of the other block
 */
public record HangBlock(
        String scene, String format, String block, BlockEdge edge, String cue, String other, BlockEdge moment)
        implements Intent {
    public HangBlock {
        Check.present(edge, "the end that is to hang");
        if (edge != BlockEdge.START && edge != BlockEdge.END) {
            throw new IllegalArgumentException("the start or the end of a block can be hung");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        boolean start = edge == BlockEdge.START;
        Span span = Nodes.shownBlock(draft.scene(scene), format, block).span();
        String at = BlockPath.of(scene, block) + "/span/";
        List<Operation> operations = new ArrayList<>();
        if (start && span.landsAt() != null) {
            operations.add(new Operation.Clear(at + "landsAt"));
        } else if (!start && span.leavesAt() != null) {
            operations.add(new Operation.Clear(at + "leavesAt"));
        }
        TimeLink link = cue != null ? onCue(draft) : TimeLink.onBlock(other, moment, 0);
        operations.add(new Operation.Set(at + (start ? "startsAt" : "endsAt"), DocumentJson.tree(link)));
        return Outcome.of(operations, "");
    }

    /** An end hangs on the end of a word, a start on its start. */
    private TimeLink onCue(Draft draft) {
        boolean word =
                draft.scene(scene).cues().stream().noneMatch(one -> one.id().equals(cue));
        return word ? TimeLink.onWord(cue, edge == BlockEdge.END, 0) : TimeLink.onCue(cue, 0);
    }
}
