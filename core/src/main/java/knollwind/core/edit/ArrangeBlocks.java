package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Check;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/**
 * Puts several blocks of a scene into an order in time; each keeps its length, and what it hangs on.
 *
 * @param format id of the format whose times are meant
 * @param apart frames from each moment to the next where they trail each other, otherwise without meaning
 * @param moment by which they are put: their starts, also where it is left out, or their landings; without meaning where their
 *     ends are, or where they are reversed
 */
public record ArrangeBlocks(
        String scene, String format, List<String> blocks, Order order, double apart, BlockEdge moment)
        implements Intent {
    /** How blocks are arranged. */
    public enum Order {
        /** All start, or land, with the first. */
        @JsonProperty("starts")
        STARTS,
        /** All end with the last. */
        @JsonProperty("ends")
        ENDS,
        /** The same time from each to the next; the first and the last stay. */
        @JsonProperty("evenly")
        EVENLY,
        /** What came last comes first. */
        @JsonProperty("reversed")
        REVERSED,
        /** Each so many frames after the one before it on the page. */
        @JsonProperty("trailing")
        TRAILING,
        /** Each on the beat that is nearest. */
        @JsonProperty("beats")
        BEATS
    }

    public ArrangeBlocks {
        blocks = Check.list(blocks);
        Check.present(order, "the order of the blocks");
        moment = moment == null ? BlockEdge.START : moment;
        if (moment != BlockEdge.START && moment != BlockEdge.LANDED) {
            throw new IllegalArgumentException("blocks are put by their starts or by their landings");
        }
    }

    private record Timed(Block block, BlockTiming timing, double moment) {
        double start() {
            return timing.start();
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Format shown = open.format(format);
        Map<String, BlockScore> scores = draft.scores(open, shown);
        List<Timed> all = Filler.blocks(open, shown).stream()
                .filter(block -> blocks.contains(block.id()) && scores.containsKey(block.id()))
                .map(block -> timed(block, scores.get(block.id()).timing()))
                .toList();
        if (order == Order.BEATS && open.beats() == null) {
            throw new IllegalArgumentException(
                    "the scene '" + open.name() + "' has no tempo; give it one in its sentence, Behind it all");
        }
        List<Operation> operations = new ArrayList<>();
        for (Timed one : all) {
            double by = shift(one, all, open);
            if (by != 0) {
                operations.addAll(TimeHandle.of(
                                one.block().span(),
                                one.timing(),
                                BlockPath.of(scene, one.block().id()))
                        .move()
                        .to(by));
            }
        }
        return Outcome.of(operations, "");
    }

    private Timed timed(Block block, BlockTiming timing) {
        return new Timed(block, timing, moment == BlockEdge.LANDED ? timing.arriveEnd() : timing.start());
    }

    private double shift(Timed one, List<Timed> all, Scene open) {
        double first = all.stream().mapToDouble(Timed::moment).min().orElse(0);
        double last =
                all.stream().mapToDouble(other -> other.timing().end()).max().orElse(0);
        return switch (order) {
            case STARTS -> first - one.moment();
            case ENDS -> last - one.timing().end();
            case EVENLY -> {
                List<Timed> sorted = all.stream()
                        .sorted(Comparator.comparingDouble(Timed::moment))
                        .toList();
                double step = (sorted.get(sorted.size() - 1).moment() - first) / Math.max(1, all.size() - 1);
                yield Math.rint(first + sorted.indexOf(one) * step) - one.moment();
            }
            case REVERSED ->
                all.stream().mapToDouble(Timed::start).min().orElse(0)
                        + last
                        - one.timing().end()
                        - one.start();
            case TRAILING -> all.get(0).moment() + all.indexOf(one) * apart - one.moment();
            case BEATS -> {
                double beat = open.beats().frames(open.rate());
                double zero = open.beats().first();
                // A block that would begin before its scene goes to the first beat that lets it in.
                double earliest = Math.ceil((one.moment() - one.start() - zero) / beat);
                double nearest = Math.max(earliest, Math.rint((one.moment() - zero) / beat));
                yield Math.rint(zero + nearest * beat) - one.moment();
            }
        };
    }
}
