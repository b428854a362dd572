package knollwind.core.motion;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import knollwind.core.scene.Block;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Phase;
import knollwind.core.scene.UnitKind;

/**
 * A block's phases in time. Arrive begins at the span's start, leave is placed backwards from its end. If both do not fit
 * in the span, all their times are scaled down alike and nothing is left for the dwell. Pieces that arrive at moments from outside
 * are never scaled: then the leave gives way, until nothing is left of it.
 *
 * @param start scene frame at which the block begins
 * @param arriveEnd scene frame at which the last arriving unit has landed
 * @param leaveStart scene frame at which the first unit sets out
 * @param end scene frame at which the block is gone
 * @param scale 1, or the factor below 1 by which times were scaled to fit
 * @param leaveScale the same of the leave alone, 0 where nothing is left of it; {@code scale} where both are scaled alike
 * @param moves arrive moves, then those of the dwell, then leave moves, in document order
 */
public record BlockTiming(
        double start,
        double arriveEnd,
        double leaveStart,
        double end,
        double scale,
        double leaveScale,
        List<MoveTiming> moves) {

    /** Works out the timing of a block whose pieces of each kind are given in reading order. */
    public static BlockTiming of(Block block, Clock clock, Turns turns, Function<UnitKind, List<Piece>> pieces) {
        return of(block, clock, turns, pieces, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /**
     * The same for a block that is not seen before one scene frame and from another on, whatever its span says. Of a span
     * that lies outside nothing is left.
     */
    public static BlockTiming of(
            Block block,
            Clock clock,
            Turns turns,
            Function<UnitKind, List<Piece>> pieces,
            double notBefore,
            double notAfter) {
        double end = Math.min(block.span().end().value(), notAfter);
        double start = Math.min(end, Math.max(block.span().start().value(), notBefore));
        PhaseLengths room = fills(block.arrive()) || fills(block.leave())
                ? lengths(block, clock, turns, pieces).in(end - start)
                : PhaseLengths.of(0, 0);
        List<MoveTiming> arrive = timings(PhaseKind.ARRIVE, own(block.arrive()), pieces, room.arrive());
        List<MoveTiming> leave = timings(PhaseKind.LEAVE, block.leave().moves(), pieces, room.leave());
        List<MoveTiming> dwell = timings(PhaseKind.DWELL, own(block.dwell()), pieces, 0);
        // A glide comes in and goes off like a move of both.
        double glides = length(
                dwell.stream().filter(timing -> timing.move().cycle().glides()).toList());
        double arriveLength = Math.max(length(arrive), glides);
        double leaveLength = Math.max(length(leave), glides);
        Map<Move, OutsideTurns> outside = outside(block, clock, turns, pieces, start);
        double last = last(block.arrive(), outside);
        double needed = arriveLength + leaveLength;
        boolean called = last > Double.NEGATIVE_INFINITY;
        double scale = !called && needed > end - start ? (end - start) / needed : 1;
        double landed = Math.min(Math.max(start, end), Math.max(start + arriveLength * scale, last));
        double leaveScale = called && leaveLength > end - landed ? (end - landed) / leaveLength : scale;
        double leaveStart = end - leaveLength * leaveScale;
        List<MoveTiming> moves = new ArrayList<>();
        for (Move move : block.arrive().moves()) {
            OutsideTurns bars = outside.get(move);
            moves.add(
                    bars != null
                            ? called(PhaseKind.ARRIVE, move, pieces, bars, start)
                            : place(of(move, arrive), start, scale, start));
        }
        for (Move move : block.dwell().moves()) {
            OutsideTurns bars = outside.get(move);
            moves.add(
                    bars != null
                            ? called(PhaseKind.DWELL, move, pieces, bars, start)
                            : switch (move.cycle().form()) {
                                case GLIDE ->
                                    Dwelling.glide(of(move, dwell), start, end, leaveLength * leaveScale, scale);
                                case STAY -> Dwelling.stay(of(move, dwell), start, end);
                                case LOUDNESS -> Dwelling.loud(of(move, dwell), turns, start, end);
                                default -> Dwelling.round(of(move, dwell), clock, landed, leaveStart);
                            });
        }
        leave.forEach(timing -> moves.add(place(timing, leaveStart, leaveScale, end)));
        return new BlockTiming(start, landed, leaveStart, end, scale, leaveScale, List.copyOf(moves));
    }

    private static MoveTiming of(Move move, List<MoveTiming> timings) {
        return timings.stream()
                .filter(timing -> timing.move() == move)
                .findFirst()
                .orElseThrow();
    }

    /** The moves that go by their own pace. */
    private static List<Move> own(Phase phase) {
        return phase.moves().stream()
                .filter(move -> move.pace().moments() == null)
                .toList();
    }

    /** The bars of the moves whose turns come from outside. */
    private static Map<Move, OutsideTurns> outside(
            Block block, Clock clock, Turns turns, Function<UnitKind, List<Piece>> pieces, double start) {
        Map<Move, OutsideTurns> outside = new IdentityHashMap<>();
        for (Phase phase : List.of(block.arrive(), block.dwell())) {
            for (Move move : phase.moves()) {
                if (move.pace().moments() != null) {
                    List<Piece> own = pieces.apply(move.unit());
                    double[] shifts = own.stream()
                            .mapToDouble(piece -> shift(move, piece))
                            .toArray();
                    Ranks ranks = Ranks.of(move.order(), move.only(), own);
                    outside.put(move, OutsideTurns.of(move, own, ranks, turns, clock, start, shifts));
                }
            }
        }
        return outside;
    }

    /** The scene frame at which the last piece lands that is called from outside; minus infinity where none is. */
    private static double last(Phase arrive, Map<Move, OutsideTurns> outside) {
        return arrive.moves().stream()
                .filter(move -> !move.muted() && outside.containsKey(move))
                .mapToDouble(move -> outside.get(move).last())
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    private static MoveTiming called(
            PhaseKind kind, Move move, Function<UnitKind, List<Piece>> pieces, OutsideTurns bars, double idle) {
        List<Piece> own = pieces.apply(move.unit());
        Ranks ranks = Ranks.of(move.order(), move.only(), own);
        List<Double> starts = placed(bars.starts(), 0, 1, idle);
        List<Double> ends = placed(kind == PhaseKind.DWELL ? bars.until() : bars.ends(), 0, 1, idle);
        Going curve = null;
        if (kind == PhaseKind.DWELL) {
            double[] outs = starts.stream().mapToDouble(Double::doubleValue).toArray();
            double[] backs = new double[outs.length];
            for (int i = 0; i < outs.length; i++) {
                backs[i] = Math.max(outs[i], ends.get(i));
            }
            curve = TakingPart.of(new TurnCurve(outs, backs, OutsideTurns.each(move)), ranks);
        }
        return new MoveTiming(kind, move, own, ranks, starts, ends, bars.rule(move), curve, bars.lacking());
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
    public static PhaseLengths lengths(Block block, Clock clock, Turns turns, Function<UnitKind, List<Piece>> pieces) {
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
                fills(block.leave()),
                block.arrive().called()
                        ? start -> last(block.arrive(), outside(block, clock, turns, pieces, start))
                        : null);
    }

    private static boolean fills(Phase phase) {
        return phase.moves().stream().anyMatch(move -> move.pace().whole() && !move.muted());
    }

    /** Of the moves that say how long they take. */
    private static double longest(List<Move> moves, PhaseKind kind, Function<UnitKind, List<Piece>> pieces) {
        List<Move> own = moves.stream()
                .filter(move -> !move.pace().whole() && move.pace().moments() == null)
                .toList();
        return length(timings(kind, own, pieces, 0));
    }

    /**
     * Times from the phase's begin; none (NaN) for pieces that take no turn.
     *
     * @param room frames that the block has for the phase
     */
    private static List<MoveTiming> timings(
            PhaseKind kind, List<Move> moves, Function<UnitKind, List<Piece>> pieces, double room) {
        List<MoveTiming> timings = new ArrayList<>();
        for (Move move : moves) {
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
    static double shift(Move move, Piece piece) {
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

    static List<Double> placed(List<Double> times, double origin, double scale, double idle) {
        return times.stream()
                .map(time -> time.isNaN() ? idle : origin + time * scale)
                .toList();
    }
}
