package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Length;
import knollwind.core.scene.MakeRoom;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.Rational;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;
import tools.jackson.databind.node.ObjectNode;

/** Lets blocks go from others that will not be there: what they had of them becomes their present times and places. */
final class Loosened {
    private final Predicate<String> gone;
    private final Predicate<String> goneCue;
    private final Supplier<Map<String, BlockScore>> scores;
    private Map<String, BlockScore> made;

    /**
     * @param gone blocks that will not be there, by their ids
     * @param goneCue cues
     * @param scores of all blocks of the scene in its base format; asked for only when something is let go
     */
    Loosened(Predicate<String> gone, Predicate<String> goneCue, Supplier<Map<String, BlockScore>> scores) {
        this.gone = gone;
        this.goneCue = goneCue;
        this.scores = scores;
    }

    /** What lets a block go in time and place. */
    List<Operation> inTimeAndPlace(Block block, String at) {
        List<Operation> operations = new ArrayList<>();
        if (Arrays.stream(BlockEdge.values())
                .anyMatch(edge -> isGone(block.span().hang(edge)))) {
            operations.add(new Operation.Set(at + "/span", DocumentJson.tree(loose(block))));
        }
        Place place = block.place();
        boolean attached = place.attach() != null && gone.test(place.attach().to());
        boolean follows = place.follow() != null && gone.test(place.follow().to());
        if (attached) {
            operations.add(new Operation.Clear(at + "/place/attach"));
        }
        if (follows) {
            operations.add(new Operation.Clear(at + "/place/follow"));
        }
        BlockScore score = attached || follows ? score(block) : null;
        if (score != null) {
            Point stands = score.base();
            operations.add(new Operation.Set(at + "/place/x", px(stands.x())));
            operations.add(new Operation.Set(at + "/place/y", px(stands.y())));
        }
        return operations;
    }

    /** The same, and lets go of what lies behind or gives way to others. */
    List<Operation> inAll(Block block, String at) {
        List<Operation> operations = inTimeAndPlace(block, at);
        MakeRoom room = block.place().room();
        if (room != null && room.blocks().stream().anyMatch(gone)) {
            List<String> left = left(room.blocks());
            operations.add(
                    left.isEmpty()
                            ? new Operation.Clear(at + "/place/room")
                            : new Operation.Set(at + "/place/room/blocks", DocumentJson.tree(left)));
        }
        block.asPlate().filter(plate -> plate.behind().stream().anyMatch(gone)).ifPresent(plate -> {
            List<String> left = left(plate.behind());
            BlockScore score = left.isEmpty() ? score(block) : null;
            if (score != null) {
                operations.add(new Operation.Set(at + "/shape", rectangle(plate, score)));
            } else {
                operations.add(new Operation.Set(at + "/shape/behind", DocumentJson.tree(left)));
            }
        });
        moves(block.arrive(), at + "/arrive", operations);
        moves(block.dwell(), at + "/dwell", operations);
        moves(block.leave(), at + "/leave", operations);
        return operations;
    }

    private void moves(Phase phase, String at, List<Operation> operations) {
        for (Move move : phase.moves()) {
            String behind = move.uncovering().behind();
            if (behind != null && gone.test(behind)) {
                operations.add(new Operation.Clear(at + "/moves/" + move.id() + "/behind"));
            }
        }
    }

    /** As large as the plate is now, with the corners that it has. */
    private static ObjectNode rectangle(ShapeBlock.Plate plate, BlockScore score) {
        Box box = score.set().whole().advance();
        ObjectNode shape = Nodes.object().put("kind", "rectangle");
        shape.set("width", px(Math.max(1, box.width())));
        shape.set("height", px(Math.max(1, box.height())));
        shape.set("radius", Nodes.number(plate.radius()));
        return shape;
    }

    private static ObjectNode px(double value) {
        return (ObjectNode) DocumentJson.tree(new Length(Math.round(value * 1000) / 1000.0, Length.Unit.PX));
    }

    private List<String> left(List<String> blocks) {
        return blocks.stream().filter(gone.negate()).toList();
    }

    private boolean isGone(TimeLink link) {
        return link != null && (link.block() != null ? gone.test(link.block()) : goneCue.test(link.cue()));
    }

    private TimeLink left(TimeLink link) {
        return isGone(link) ? null : link;
    }

    private Span loose(Block block) {
        Span span = block.span();
        BlockScore score = score(block);
        Span present = score == null ? span : present(span, score.timing());
        return new Span(
                present.start(),
                present.end(),
                left(span.startsAt()),
                left(span.landsAt()),
                left(span.leavesAt()),
                left(span.endsAt()));
    }

    /** The same links with the times that the block has now. */
    static Span present(Span span, BlockTiming timing) {
        return span.at(Rational.read(timing.start()), Rational.read(timing.end()));
    }

    /** Null for a block that is never on. */
    private BlockScore score(Block block) {
        if (made == null) {
            made = scores.get();
        }
        return made.get(block.id());
    }
}
