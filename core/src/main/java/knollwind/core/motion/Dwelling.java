package knollwind.core.motion;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.DoubleStream;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Move;

/** When the pieces of a dwell's moves go, and how far, by the form of each. */
final class Dwelling {
    private Dwelling() {}

    /** The pieces of what goes one way set out one after the other and come to their ends together. */
    static MoveTiming stay(MoveTiming timing, double start, double end) {
        double[] starts =
                DoubleStream.of(delays(timing)).map(delay -> start + delay).toArray();
        return lasting(timing, starts, end, new StayCurve(timing.move(), starts, end), 0);
    }

    /** What goes as loud as something is does so from the block's beginning to its end, one piece after the other. */
    static MoveTiming loud(MoveTiming timing, Turns turns, double start, double end) {
        Loudness loudness = timing.move().cycle().loudness();
        Levels levels = turns.of(loudness);
        double[] delays = delays(timing);
        double[] starts = new double[delays.length];
        Arrays.fill(starts, start);
        return lasting(
                timing,
                starts,
                end,
                new LoudnessCurve(levels, Boolean.TRUE.equals(loudness.quiet()), delays),
                levels.heard() ? 0 : starts.length);
    }

    private static MoveTiming lasting(MoveTiming timing, double[] starts, double end, Going curve, int lacking) {
        return new MoveTiming(
                timing.phase(),
                timing.move(),
                timing.pieces(),
                timing.ranks(),
                DoubleStream.of(starts).boxed().toList(),
                Collections.nCopies(starts.length, end),
                timing.rule(),
                TakingPart.of(curve, timing.ranks()),
                lacking);
    }

    /** Frames after its beginning at which each piece has its turn. */
    private static double[] delays(MoveTiming timing) {
        Move move = timing.move();
        Ranks ranks = timing.ranks();
        Easing spread = PaceRule.spread(move.pace(), ranks.count());
        double[] delays = new double[timing.pieces().size()];
        for (int i = 0; i < delays.length; i++) {
            double turn = timing.rule().offset(ranks.of().get(i), ranks.count(), spread)
                    + BlockTiming.shift(move, timing.pieces().get(i));
            delays[i] = Math.max(0, move.after() + turn);
        }
        return delays;
    }

    /** The pieces of a glide come in as in an arrive and go off, in the same order, as in a leave. */
    static MoveTiming glide(MoveTiming timing, double start, double end, double leaving, double scale) {
        List<Double> starts = BlockTiming.placed(timing.starts(), start, scale, start);
        List<Double> ends = BlockTiming.placed(timing.ends(), end - leaving, scale, end);
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
    static MoveTiming round(MoveTiming timing, Clock clock, double from, double to) {
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
                                .mapToDouble(piece -> BlockTiming.shift(move, piece))
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
