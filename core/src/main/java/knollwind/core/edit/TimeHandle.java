package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Edit;
import knollwind.core.document.Operation;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/**
 * One way in which a block or a sound is dragged in time: the numbers that change with it. The page sets nothing else while it drags.
 *
 * @param edits each number as an offset plus the dragged number times a factor
 * @param least of the dragged number, in frames
 * @param most of it
 */
public record TimeHandle(List<Edit> edits, double least, double most) {
    /**
     * How a block is dragged.
     *
     * @param move by how many frames it comes later; what hangs keeps hanging, so much later
     * @param start the scene frame at which it begins; its end stays
     * @param end the scene frame at which it is gone; its start stays
     */
    public record Handles(TimeHandle move, TimeHandle start, TimeHandle end) {}

    /** Frames beyond which nothing is dragged: longer than any scene. */
    private static final double FAR = 1_000_000;

    /**
     * The handles of a block.
     *
     * @param span as it stands in the document, or as a format has it: not what its links make of it
     * @param timing when the block is on
     * @param path of the block in the document
     */
    public static Handles of(Span span, BlockTiming timing, String path) {
        String at = path + "/span/";
        double start = span.start().value();
        double end = span.end().value();
        Links first = Links.of("startsAt", span.startsAt(), "landsAt", span.landsAt());
        Links last = Links.of("leavesAt", span.leavesAt(), "endsAt", span.endsAt());
        List<Edit> move = new ArrayList<>(first.later(at, 0));
        double earliest = -FAR;
        if (first.none()) {
            earliest = -start;
            move.add(new Edit(at + "start", null, 1, start));
            if (last.none()) {
                move.add(new Edit(at + "end", null, 1, end));
            }
        }
        move.addAll(last.later(at, 0));
        List<Edit> begin = new ArrayList<>(first.later(at, -timing.start()));
        if (first.none()) {
            begin.add(new Edit(at + "start", null, 1, 0));
        } else if (last.none()) {
            // A block that is carried by its start keeps its length: so as not to move its end, that is changed too.
            begin.add(new Edit(at + "end", null, -1, end + timing.start()));
        }
        List<Edit> finish = new ArrayList<>(last.later(at, -timing.end()));
        if (last.none()) {
            finish.add(new Edit(at + "end", null, 1, first.none() ? 0 : end - timing.end()));
        }
        return new Handles(
                new TimeHandle(move, earliest, FAR),
                new TimeHandle(begin, 0, Math.max(0, timing.end() - 1)),
                new TimeHandle(finish, timing.start() + 1, FAR));
    }

    /** The two moments of one end of a span that may hang on something; at most one does. */
    private record Links(String name, TimeLink link) {
        static Links of(String one, TimeLink first, String other, TimeLink second) {
            return first != null ? new Links(one, first) : new Links(other, second);
        }

        boolean none() {
            return link == null;
        }

        /** How long after what it hangs on; the same while the dragged number is so much below zero. */
        List<Edit> later(String at, double zero) {
            return none() ? List.of() : List.of(new Edit(at + name + "/offset", null, 1, link.offset() + zero));
        }
    }

    /** The changes that drag it to a number. */
    List<Operation> to(double dragged) {
        double number = Math.max(least, Math.min(most, dragged));
        return edits.stream()
                .<Operation>map(edit -> new Operation.Set(
                        edit.at(), Nodes.number(Math.rint((edit.offset() + number * edit.factor()) * 1000) / 1000)))
                .toList();
    }
}
