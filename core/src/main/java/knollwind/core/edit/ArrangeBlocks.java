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
import knollwind.core.scene.Check;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/**
 * Puts several blocks of a scene into an order in time; each keeps its length, and what it hangs on.
 *
 * @param format id of the format whose times are meant
 * @param apart frames from each start to the next where they trail each other, otherwise without meaning
 */
public record ArrangeBlocks(String scene, String format, List<String> blocks, Order order, double apart)
        implements Intent {
    /** How blocks are arranged. */
    public enum Order {
        /** All start with the first. */
        @JsonProperty("starts")
        STARTS,
        /** All end with the last. */
        @JsonProperty("ends")
        ENDS,
        /** The same time from each start to the next; the first and the last stay. */
        @JsonProperty("evenly")
        EVENLY,
        /** What came last comes first. */
        @JsonProperty("reversed")
        REVERSED,
        /** Each so many frames after the one before it on the page. */
        @JsonProperty("trailing")
        TRAILING
    }

    public ArrangeBlocks {
        blocks = Check.list(blocks);
        Check.present(order, "the order of the blocks");
    }

    private record Timed(Block block, BlockTiming timing) {
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
                .map(block -> new Timed(block, scores.get(block.id()).timing()))
                .toList();
        List<Operation> operations = new ArrayList<>();
        for (Timed one : all) {
            double by = shift(one, all);
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

    private double shift(Timed one, List<Timed> all) {
        double first = all.stream().mapToDouble(Timed::start).min().orElse(0);
        double last =
                all.stream().mapToDouble(other -> other.timing().end()).max().orElse(0);
        return switch (order) {
            case STARTS -> first - one.start();
            case ENDS -> last - one.timing().end();
            case EVENLY -> {
                List<Timed> sorted = all.stream()
                        .sorted(Comparator.comparingDouble(Timed::start))
                        .toList();
                double step = (sorted.get(sorted.size() - 1).start() - first) / Math.max(1, all.size() - 1);
                yield Math.rint(first + sorted.indexOf(one) * step) - one.start();
            }
            case REVERSED -> first + last - one.timing().end() - one.start();
            case TRAILING -> all.get(0).start() + all.indexOf(one) * apart - one.start();
        };
    }
}
