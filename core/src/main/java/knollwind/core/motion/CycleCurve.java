package knollwind.core.motion;

import java.util.List;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Cycle;

/**
 * How far a move of the dwell is away from rest at a time: 0 is rest, 1 its away value, −1 as far to the other side. At both
 * ends of the dwell it is 0.
 */
final class CycleCurve implements Going {
    /** At most three flashes in a second, each a change there and back (WCAG 2.2, 2.3.1). */
    private static final double SAFE_FLASHES = 3;

    private final Cycle cycle;
    private final double from;
    private final double to;
    private final double period;
    private final double ramp;
    private final int rounds;
    private final double after;
    private final double each;
    private final double[] shifts;
    private final long[] seeds;

    /**
     * @param own frames that each unit is behind its turn, of its own
     * @param from scene frame at which the dwell begins
     * @param to scene frame at which it ends
     * @param pieces the units
     * @param spread spaces the begins of the ranks
     * @param ranks of the units
     */
    CycleCurve(
            Cycle cycle,
            Clock clock,
            double from,
            double to,
            double after,
            PaceRule rule,
            Easing spread,
            List<Piece> pieces,
            Ranks ranks,
            double[] own) {
        this.cycle = cycle;
        this.from = from;
        this.to = to;
        this.after = after;
        this.each = rule.each();
        double asked = cycle.frames(clock);
        boolean flickers = cycle.form() == Cycle.Form.FLICKER;
        double least = flickers ? clock.rate().perSecond() / (2 * SAFE_FLASHES) : 1e-3;
        double safe = Math.max(asked, least);
        double hold = Math.max(0, to - from);
        this.ramp = Math.max(1e-9, Math.min(safe / 2, hold / 4));
        double plateau = hold - 2 * ramp;
        boolean closes = cycle.whole() && cycle.form() != Cycle.Form.PASS && plateau > 0;
        int fitting = (int) Math.max(1, Math.min(1_000_000, Math.round(plateau / safe)));
        this.rounds = closes ? fitting : 0;
        this.period = closes ? Math.max(least, plateau / fitting) : safe;
        this.shifts = new double[pieces.size()];
        this.seeds = new long[pieces.size()];
        for (int i = 0; i < shifts.length; i++) {
            shifts[i] = Math.max(0, rule.offset(ranks.of().get(i), ranks.count(), spread) + own[i]);
            seeds[i] = SplitMix64.mix(cycle.seed(), pieces.get(i).id());
        }
    }

    @Override
    public double at(int unit, double time) {
        if (time <= from || time >= to) {
            return 0;
        }
        if (cycle.form() == Cycle.Form.PASS) {
            return pass(time - from - after - shifts[unit], time);
        }
        double rise = Math.min(1, (time - from) / ramp);
        double fall = Math.min(1, (to - time) / ramp);
        double phase = (time - from - (rounds > 0 ? ramp : 0) - after - shifts[unit]) / period;
        return soft(rise) * soft(fall) * wave(phase, seeds[unit]);
    }

    private double wave(double phase, long seed) {
        return switch (cycle.form()) {
            case SWING -> StrictMath.sin(2 * Math.PI * phase);
            case PULSE -> (1 - StrictMath.cos(2 * Math.PI * phase)) / 2;
            case TREMBLE -> {
                // Two turning points in a time round.
                double place = 2 * phase;
                double whole = Math.floor(place);
                double left = 2 * dealt(seed, whole, 2) - 1;
                double right = 2 * dealt(seed, whole + 1, 2) - 1;
                yield left + (right - left) * soft(place - whole);
            }
            case FLICKER -> dealt(seed, Math.floor(phase), 1) < 0.4 ? 1 : 0;
            case PASS, GLIDE, STAY, LOUDNESS -> 0;
        };
    }

    /** A number from 0 to 1 for a step; the steps come round again where the cycle closes. */
    private double dealt(long seed, double step, int perRound) {
        long index = (long) step;
        if (rounds > 0) {
            index = Math.floorMod(index, (long) rounds * perRound);
        }
        return (SplitMix64.mix(seed + index * 0x9E3779B97F4A7C15L) >>> 11) * 0x1p-53;
    }

    /** One unit's way there and back within its bar; a wave that would not end in time does not begin. */
    private double pass(double passed, double time) {
        if (passed < 0) {
            return 0;
        }
        double round = Math.floor(passed / period);
        double inside = passed - round * period;
        if (inside >= each || time - inside + each > to) {
            return 0;
        }
        double sine = StrictMath.sin(Math.PI * inside / each);
        return sine * sine;
    }

    private static double soft(double x) {
        return x * x * (3 - 2 * x);
    }
}
