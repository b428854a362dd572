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
        double end = Math.min(block.span().end().value(), notAfter);
        double start = Math.min(end, Math.max(block.span().start().value(), notBefore));
        PhaseLengths room = fills(block.arrive()) || fills(block.leave())
                ? lengths(block, pieces).in(end - start)
                : PhaseLengths.of(0, 0);
        List<MoveTiming> arrive = timings(PhaseKind.ARRIVE, block.arrive(), pieces, room.arrive());
        List<MoveTiming> leave = timings(PhaseKind.LEAVE, block.leave(), pieces, room.leave());
        List<MoveTiming> dwell = timings(PhaseKind.DWELL, block.dwell(), pieces, 0);
        // A glide comes in and goes off like a move of both.
        double glides = length(
                dwell.stream().filter(timing -> timing.move().cycle().glides()).toList());
        double arriveLength = Math.max(length(arrive), glides);
        double leaveLength = Math.max(length(leave), glides);
        double needed = arriveLength + leaveLength;
        double scale = needed > end - start ? (end - start) / needed : 1;
        double leaveStart = end - leaveLength * scale;
        List<MoveTiming> moves = new ArrayList<>();
        arrive.forEach(timing -> moves.add(place(timing, start, scale, start)));
        double landed = start + arriveLength * scale;
        for (MoveTiming timing : dwell) {
            moves.add(
                    switch (timing.move().cycle().form()) {
                        case GLIDE -> glide(timing, start, end, leaveLength * scale, scale);
                        case STAY -> stay(timing, start, end);
                        default -> dwell(timing, clock, landed, leaveStart);
                    });
        }
        leave.forEach(timing -> moves.add(place(timing, leaveStart, scale, end)));
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
    public static PhaseLengths lengths(Block block, Function<UnitKind, List<Piece>> pieces) {
        double glides = longest(
                block.dwell().moves().stream()
                        .filter(move -> move.cycle().glides())
                        .toList(),
                PhaseKind.DWELL,
                pieces);
        return new PhaseLengths(
                Math.max(longest(block.arrive().moves(), PhaseKind.ARRIVE, pieces), glides),
                Math.max(longest(block.leave().moves(), PhaseKind.LEAVE, pieces), glides),
                fills(block.arrive()),
                fills(block.leave()));
    }

    private static boolean fills(Phase phase) {
        return phase.moves().stream().anyMatch(move -> move.pace().whole() && !move.muted());
    }

    /** Of the moves that say how long they take. */
    private static double longest(List<Move> moves, PhaseKind kind, Function<UnitKind, List<Piece>> pieces) {
        List<Move> own = moves.stream().filter(move -> !move.pace().whole()).toList();
        return length(timings(kind, new Phase(own), pieces, 0));
    }

    /**
     * Times from the phase's begin; none (NaN) for pieces that take no turn.
     *
     * @param room frames that the block has for the phase
     */
    private static List<MoveTiming> timings(
            PhaseKind kind, Phase phase, Function<UnitKind, List<Piece>> pieces, double room) {
        List<MoveTiming> timings = new ArrayList<>();
        for (Move move : phase.moves()) {
            List<Piece> own = pieces.apply(move.unit());
            Ranks ranks = Ranks.of(move.order(), move.only(), own);
            int turns = Math.max(1, ranks.count());
            PaceRule rule = move.pace().whole()
                    ? PaceRule.filling(move.pace(), turns, Math.max(1, room - move.after()))
                    : PaceRule.of(move.pace(), turns);
            List<Double> starts = new ArrayList<>();
            List<Double> ends = new ArrayList<>();
            Easing spread = PaceRule.spread(move.pace(), ranks.count());
            for (int i = 0; i < own.size(); i++) {
                if (!ranks.takesTurn(i)) {
                    starts.add(Double.NaN);
                    ends.add(Double.NaN);
                    continue;
                }
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
                .filter(end -> !Double.isNaN(end))
                .max()
                .orElse(0);
    }

    /** @param idle scene frame at which those stand that take no turn: where it cannot be seen */
    private static MoveTiming place(MoveTiming timing, double origin, double scale, double idle) {
        return new MoveTiming(
                timing.phase(),
                timing.move(),
                timing.pieces(),
                timing.ranks(),
                placed(timing.starts(), origin, scale, idle),
                placed(timing.ends(), origin, scale, idle),
                timing.rule(),
                null);
    }

    private static List<Double> placed(List<Double> times, double origin, double scale, double idle) {
        return times.stream()
                .map(time -> time.isNaN() ? idle : origin + time * scale)
                .toList();
    }

    /** The pieces of what goes one way set out one after the other and come to their ends together. */
    private static MoveTiming stay(MoveTiming timing, double start, double end) {
        Move move = timing.move();
        Ranks ranks = timing.ranks();
        Easing spread = PaceRule.spread(move.pace(), ranks.count());
        List<Double> starts = new ArrayList<>();
        for (int i = 0; i < timing.pieces().size(); i++) {
            double turn = timing.rule().offset(ranks.of().get(i), ranks.count(), spread)
                    + shift(move, timing.pieces().get(i));
            starts.add(start + Math.max(0, move.after() + turn));
        }
        Going curve = TakingPart.of(
                new StayCurve(
                        move, starts.stream().mapToDouble(Double::doubleValue).toArray(), end),
                ranks);
        List<Double> ends = Collections.nCopies(starts.size(), end);
        return new MoveTiming(timing.phase(), move, timing.pieces(), ranks, starts, ends, timing.rule(), curve);
    }

    /** The pieces of a glide come in as in an arrive and go off, in the same order, as in a leave. */
    private static MoveTiming glide(MoveTiming timing, double start, double end, double leaving, double scale) {
        List<Double> starts = placed(timing.starts(), start, scale, start);
        List<Double> ends = placed(timing.ends(), end - leaving, scale, end);
        Going curve = TakingPart.of(
                new GlideCurve(
                        timing.move().cycle().drift(),
                        starts,
                        ends,
                        timing.rule().each() * scale),
                timing.ranks());
        return new MoveTiming(
                timing.phase(), timing.move(), timing.pieces(), timing.ranks(), starts, ends, timing.rule(), curve);
    }

    /** All units of a dwell are in it from its begin to its end. */
    private static MoveTiming dwell(MoveTiming timing, Clock clock, double from, double to) {
        Move move = timing.move();
        Going cycle = TakingPart.of(
                new CycleCurve(
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
                                .toArray()),
                timing.ranks());
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
