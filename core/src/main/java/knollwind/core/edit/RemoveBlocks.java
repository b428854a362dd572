package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Check;
import knollwind.core.scene.Format;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/** Takes blocks out of a scene, with what formats show of them otherwise. What hung on them in time stays where it is now. */
public record RemoveBlocks(String scene, List<String> blocks) implements Intent {
    public RemoveBlocks {
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Map<String, BlockTiming> times = draft.times(open);
        List<Operation> operations = new ArrayList<>();
        for (Block block : open.blocks()) {
            if (!blocks.contains(block.id()) && hangs(block)) {
                Span span = loose(block.span(), times.get(block.id()));
                operations.add(new Operation.Set(BlockPath.of(scene, block.id()) + "/span", DocumentJson.tree(span)));
            }
        }
        for (Format format : open.formats()) {
            format.overrides().stream()
                    .filter(one -> blocks.contains(one.block()))
                    .map(one -> new Operation.Remove(
                            "scenes/" + scene + "/formats/" + format.id() + "/overrides/" + one.id()))
                    .forEach(operations::add);
        }
        open.blocks().stream()
                .map(Block::id)
                .filter(blocks::contains)
                .map(id -> new Operation.Remove(BlockPath.of(scene, id)))
                .forEach(operations::add);
        return Outcome.of(operations, "");
    }

    private boolean hangs(Block block) {
        return Arrays.stream(BlockEdge.values())
                .anyMatch(edge -> isGone(block.span().hang(edge)));
    }

    private boolean isGone(TimeLink link) {
        return link != null && link.block() != null && blocks.contains(link.block());
    }

    private TimeLink left(TimeLink link) {
        return isGone(link) ? null : link;
    }

    private Span loose(Span span, BlockTiming timing) {
        return new Span(
                Rational.read(timing.start()),
                Rational.read(timing.end()),
                left(span.startsAt()),
                left(span.landsAt()),
                left(span.leavesAt()),
                left(span.endsAt()));
    }
}
