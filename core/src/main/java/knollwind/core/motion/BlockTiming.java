package knollwind.core.motion;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;
import knollwind.core.scene.Block;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Phase;
import knollwind.core.scene.UnitKind;

/**
 * A block's phases in time. Arrive begins at the span's start, leave is placed backwards from its end. If both do not fit
 * in the span, all their times are scaled down alike and nothing is left for the dwell.
 *
 * @param start scene frame at which the block begins
 * @param arriveEnd scene frame at which the last arriving unit has landed
 * @param leaveStart scene frame at which the first unit sets out
 * @param end scene frame at which the block is gone
 * @param scale 1, or the factor below 1 by which times were scaled to fit
 * @param moves arrive moves, then those of the dwell, then leave moves, in document order
 */
public record BlockTiming(
        double start, double arriveEnd, double leaveStart, double end, double scale, List<MoveTiming> moves) {

    /** Works out the timing of a block whose pieces of each kind are given in reading order. */
    public static BlockTiming of(Block block, Clock clock, Function<UnitKind, List<Piece>> pieces) {
        return of(block, clock, pieces, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /**
     * The same for a block that is not seen before one scene frame and from another on, whatever its span says. Of a span
     * that lies outside nothing is left.
     */
    public static BlockTiming of(
            Block block, Clock clock, Function<UnitKind, List<Piece>> pieces, double notBefore, double notAfter) {
        List<MoveTiming> arrive = timings(PhaseKind.ARRIVE, block.arrive(), pieces);
        List<MoveTiming> leave = timings(PhaseKind.LEAVE, block.leave(), pieces);
        List<MoveTiming> dwell = timings(PhaseKind.DWELL, block.dwell(), pieces);
        // A glide comes in and goes off like a move of both.
        double glides = length(
                dwell.stream().filter(timing -> timing.move().cycle().glides()).toList());
        double arriveLength = Math.max(length(arrive), glides);
        double leaveLength = Math.max(length(leave), glides);
        double end = Math.min(block.span().end().value(), notAfter);
        double start = Math.min(end, Math.max(block.span().start().value(), notBefore));
        double needed = arriveLength + leaveLength;
        double scale = needed > end - start ? (end - start) / needed : 1;
        double leaveStart = end - leaveLength * scale;
        List<MoveTiming> moves = new ArrayList<>();
        arrive.forEach(timing -> moves.add(place(timing, start, scale)));
        double landed = start + arriveLength * scale;
        for (MoveTiming timing : dwell) {
            moves.add(
                    timing.move().cycle().glides()
                            ? glide(timing, start, end, leaveLength * scale, scale)
                            : dwell(timing, clock, landed, leaveStart));
        }
        leave.forEach(timing -> moves.add(place(timing, leaveStart, scale)));
        return new BlockTiming(start, landed, leaveStart, end, scale, List.copyOf(moves));
    }

    /** True at the times when every unit stands at rest. */
    public boolean rests(double time) {
        return time >= arriveEnd
                && time < leaveStart
                && moves.stream()
                        .noneMatch(move ->
                                move.phase() == PhaseKind.DWELL && !move.move().muted());
    }

    /** How long the block arrives and leaves if it is given the time. */
    public static LinkedSpans.Lengths lengths(Block block, Function<UnitKind, List<Piece>> pieces) {
        List<Move> gliding = block.dwell().moves().stream()
                .filter(move -> move.cycle().glides())
                .toList();
        double glides = length(timings(PhaseKind.DWELL, new Phase(gliding), pieces));
        return new LinkedSpans.Lengths(
                Math.max(length(timings(PhaseKind.ARRIVE, block.arrive(), pieces)), glides),
                Math.max(length(timings(PhaseKind.LEAVE, block.leave(), pieces)), glides));
    }

    private static List<MoveTiming> timings(PhaseKind kind, Phase phase, Function<UnitKind, List<Piece>> pieces) {
        List<MoveTiming> timings = new ArrayList<>();
        for (Move move : phase.moves()) {
            List<Piece> own = pieces.apply(move.unit());
            Ranks ranks = Ranks.of(move.order(), own);
            PaceRule rule = PaceRule.of(move.pace(), Math.max(1, ranks.count()));
            List<Double> starts = new ArrayList<>();
            List<Double> ends = new ArrayList<>();
            Easing spread = PaceRule.spread(move.pace(), ranks.count());
            for (int i = 0; i < own.size(); i++) {
                double offset = rule.offset(ranks.of().get(i), ranks.count(), spread);
                double start = switch (move.pace().meet()) {
                    case APART, LANDING -> offset;
                    case STARTING -> 0;
                };
                double end = switch (move.pace().meet()) {
                    case APART, STARTING -> offset + rule.each();
                    case LANDING -> rule.inAll();
                };
                double shift = Math.max(shift(move, own.get(i)), -move.after() - start);
                starts.add(move.after() + start + shift);
                ends.add(move.after() + end + shift);
            }
            timings.add(new MoveTiming(kind, move, own, ranks, starts, ends, rule, null));
        }
        return timings;
    }

    /** Frames that a piece is later than its turn, of its own. */
    private static double shift(Move move, Piece piece) {
        OwnWay way = move.ownOf(piece.from(), piece.to());
        return way == null ? 0 : way.shift();
    }

    private static double length(List<MoveTiming> timings) {
        return timings.stream()
                .filter(timing -> !timing.move().muted())
                .flatMap(timing -> timing.ends().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
    }

    private static MoveTiming place(MoveTiming timing, double origin, double scale) {
        return new MoveTiming(
                timing.phase(),
                timing.move(),
                timing.pieces(),
                timing.ranks(),
                timing.starts().stream().map(start -> origin + start * scale).toList(),
                timing.ends().stream().map(end -> origin + end * scale).toList(),
                timing.rule(),
                null);
    }

    /** The pieces of a glide come in as in an arrive and go off, in the same order, as in a leave. */
    private static MoveTiming glide(MoveTiming timing, double start, double end, double leaving, double scale) {
        List<Double> starts =
                timing.starts().stream().map(one -> start + one * scale).toList();
        List<Double> ends =
                timing.ends().stream().map(one -> end - leaving + one * scale).toList();
        GlideCurve curve = new GlideCurve(
                timing.move().cycle().drift(), starts, ends, timing.rule().each() * scale);
        return new MoveTiming(
                timing.phase(), timing.move(), timing.pieces(), timing.ranks(), starts, ends, timing.rule(), curve);
    }

    /** All units of a dwell are in it from its begin to its end. */
    private static MoveTiming dwell(MoveTiming timing, Clock clock, double from, double to) {
        Move move = timing.move();
        CycleCurve cycle = new CycleCurve(
                move.cycle(),
                clock,
                from,
                to,
                move.after(),
                timing.rule(),
                PaceRule.spread(move.pace(), timing.ranks().count()),
                timing.pieces(),
                timing.ranks(),
                timing.pieces().stream()
                        .mapToDouble(piece -> shift(move, piece))
                        .toArray());
        int count = timing.pieces().size();
        return new MoveTiming(
                timing.phase(),
                move,
                timing.pieces(),
                timing.ranks(),
                Collections.nCopies(count, from),
                Collections.nCopies(count, Math.max(from, to)),
                timing.rule(),
                cycle);
    }
}
