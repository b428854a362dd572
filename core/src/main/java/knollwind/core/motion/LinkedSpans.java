package knollwind.core.motion;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/**
 * Resolves when blocks are on whose moments hang on cues, on spoken words and on each other. A pure function of the blocks, those moments and the
 * lengths of the phases; blocks are taken in document order.
 */
public final class LinkedSpans {
    /** A moment on the way to another; blocks may have the same name. */
    private record Step(String block, BlockEdge edge) {}

    private final Map<String, Block> blocks = new LinkedHashMap<>();
    private final Function<String, Optional<NamedTime>> named;
    private final Function<Block, PhaseLengths> lengths;
    private final Map<String, PhaseLengths> measured = new HashMap<>();
    private final Map<String, Map<BlockEdge, Rational>> known = new HashMap<>();
    private final List<Step> way = new ArrayList<>();

    private LinkedSpans(
            List<Block> blocks, Function<String, Optional<NamedTime>> named, Function<Block, PhaseLengths> lengths) {
        blocks.forEach(block -> this.blocks.put(block.id(), block));
        this.named = named;
        this.lengths = lengths;
    }

    /**
     * The spans of the blocks that hang on something, by their ids. What hangs on something that is gone takes its stored
     * time; an end that comes before its start is put one frame after it.
     *
     * @param named the cue or the spoken word with an id
     * @param lengths asked only where a landing or a leaving counts
     * @throws IllegalArgumentException with the names along the way when moments hang on each other in a circle
     */
    public static Map<String, Span> of(
            List<Block> blocks, Function<String, Optional<NamedTime>> named, Function<Block, PhaseLengths> lengths) {
        LinkedSpans spans = new LinkedSpans(blocks, named, lengths);
        Map<String, Span> resolved = new LinkedHashMap<>();
        for (Block block : blocks) {
            if (block.span().hangs()) {
                Rational start = spans.time(block, BlockEdge.START);
                Rational end = spans.time(block, BlockEdge.END);
                Rational least = start.plus(Rational.of(1));
                resolved.put(block.id(), block.span().at(start, end.compareTo(least) < 0 ? least : end));
            }
        }
        return resolved;
    }

    /** Refuses moments that hang on each other in a circle, whatever the lengths of phases are. */
    public static void check(List<Block> blocks) {
        of(blocks, id -> Optional.empty(), block -> PhaseLengths.of(0, 0));
    }

    /** True when a block is another one, or its moments hang on it over however many links. */
    public static boolean reaches(Block from, String to, List<Block> blocks) {
        return reaches(from, to, blocks, new HashSet<>());
    }

    /** Ids of the blocks that a block's moments hang on. */
    public static List<String> links(Block block) {
        return Stream.of(BlockEdge.values())
                .map(block.span()::hang)
                .filter(hang -> hang != null && hang.block() != null)
                .map(TimeLink::block)
                .toList();
    }

    private static boolean reaches(Block from, String to, List<Block> blocks, Set<String> seen) {
        if (from.id().equals(to)) {
            return true;
        }
        if (!from.span().hangs() || !seen.add(from.id())) {
            return false;
        }
        List<String> links = links(from);
        return blocks.stream()
                .filter(block -> links.contains(block.id()))
                .anyMatch(block -> reaches(block, to, blocks, seen));
    }

    private Rational time(Block block, BlockEdge edge) {
        Map<BlockEdge, Rational> own = known.computeIfAbsent(block.id(), id -> new EnumMap<>(BlockEdge.class));
        Rational there = own.get(edge);
        if (there != null) {
            return there;
        }
        Step step = new Step(block.id(), edge);
        int seen = way.indexOf(step);
        if (seen >= 0) {
            List<Step> circle = new ArrayList<>(way.subList(seen, way.size()));
            circle.add(step);
            throw new IllegalArgumentException("these moments would hang on each other in a circle: "
                    + circle.stream().map(this::said).collect(Collectors.joining(" on "))
                    + ". Let one of them hang on nothing first.");
        }
        way.add(step);
        Rational found = switch (edge) {
            case START -> start(block);
            case END -> end(block);
            case LANDED -> landed(block);
            case LEAVING -> leaving(block);
        };
        way.remove(way.size() - 1);
        own.put(edge, found);
        return found;
    }

    private Rational start(Block block) {
        Span span = block.span();
        Rational starts = moment(span.startsAt());
        if (starts != null) {
            return starts;
        }
        Rational lands = moment(span.landsAt());
        if (lands == null) {
            return span.start();
        }
        PhaseLengths phases = lengths(block, span.length());
        Rational begun = lands.minus(Rational.near(phases.arrive()));
        if (phases.leave() <= 0 || phases.arrive() <= 0) {
            return begun;
        }
        // Both phases are shortened alike where they do not fit; the landing stays where it hangs.
        double left;
        if (span.leavesAt() != null || span.endsAt() != null) {
            left = time(block, BlockEdge.END).minus(lands).value();
        } else {
            left = span.length() - phases.arrive();
            if (left < phases.leave()) {
                double scale = span.length() / (phases.arrive() + phases.leave());
                return lands.minus(Rational.near(phases.arrive() * scale));
            }
        }
        return left >= phases.leave()
                ? begun
                : lands.minus(Rational.near(phases.arrive() * Math.max(0, left) / phases.leave()));
    }

    private Rational end(Block block) {
        Span span = block.span();
        Rational ends = moment(span.endsAt());
        if (ends != null) {
            return ends;
        }
        Rational leaves = moment(span.leavesAt());
        if (leaves == null) {
            boolean carried = moment(span.startsAt()) != null || moment(span.landsAt()) != null;
            return carried ? time(block, BlockEdge.START).plus(span.end().minus(span.start())) : span.end();
        }
        PhaseLengths phases = lengths(block, span.length());
        if (phases.called()) {
            return leaves.plus(Rational.near(phases.leave()));
        }
        boolean free = span.startsAt() == null && span.landsAt() == null;
        double before = free ? leaves.minus(span.start()).value() : Double.MAX_VALUE;
        return before >= phases.arrive() || phases.arrive() <= 0
                ? leaves.plus(Rational.near(phases.leave()))
                : leaves.plus(Rational.near(phases.leave() * Math.max(0, before) / phases.arrive()));
    }

    private Rational landed(Block block) {
        Rational start = time(block, BlockEdge.START);
        double there = there(block);
        PhaseLengths phases = lengths(block, there);
        if (phases.called()) {
            double landed =
                    Math.max(start.value() + phases.arrive(), phases.landsAt().applyAsDouble(start.value()));
            return Rational.near(Math.min(landed, time(block, BlockEdge.END).value()));
        }
        return start.plus(Rational.near(phases.arrive() * scale(phases, there)));
    }

    private Rational leaving(Block block) {
        Rational end = time(block, BlockEdge.END);
        double there = there(block);
        PhaseLengths phases = lengths(block, there);
        if (phases.called()) {
            double left = end.minus(time(block, BlockEdge.LANDED)).value();
            return end.minus(Rational.near(Math.min(phases.leave(), left)));
        }
        return end.minus(Rational.near(phases.leave() * scale(phases, there)));
    }

    private double there(Block block) {
        return time(block, BlockEdge.END).minus(time(block, BlockEdge.START)).value();
    }

    private static double scale(PhaseLengths phases, double there) {
        double needed = phases.arrive() + phases.leave();
        return needed > there ? Math.max(0, there) / needed : 1;
    }

    /** The time of what something hangs on; null where that is nothing, or gone. */
    private Rational moment(TimeLink hang) {
        if (hang == null) {
            return null;
        }
        Rational base;
        if (hang.cue() != null) {
            base = named.apply(hang.cue()).map(cue -> cue.edge(hang.edge())).orElse(null);
        } else {
            Block other = blocks.get(hang.block());
            base = other == null ? null : time(other, hang.edge());
        }
        return base == null ? null : base.plus(Rational.near(hang.offset()));
    }

    /** @param there frames that the block is on */
    private PhaseLengths lengths(Block block, double there) {
        return measured.computeIfAbsent(block.id(), id -> lengths.apply(block)).in(there);
    }

    private String said(Step step) {
        String moment = switch (step.edge()) {
            case START -> "the start";
            case LANDED -> "the landing";
            case LEAVING -> "the leaving";
            case END -> "the end";
        };
        return moment + " of \"" + blocks.get(step.block()).name() + '"';
    }
}
