package knollwind.core.motion;

/**
 * Starts as a hand types them: gaps of 0.4 to 1.6 of the mean, dealt from a seed, some of them twice as long, as at the end of
 * a thought. The whole time stays.
 */
final class Rhythm implements Easing {
    /** The shortest time between two strokes of a key, as a share of the mean. */
    private static final double SHORTEST = 0.4;

    /** Between the shortest and the longest time, as a share of the mean; their middle is the mean. */
    private static final double RANGE = 1.2;

    /** The share of strokes before which the hand rests a stroke longer. */
    private static final double PAUSES = 0.12;

    private final double[] at;

    Rhythm(long seed, int ranks) {
        at = new double[Math.max(2, ranks)];
        for (int i = 1; i < at.length; i++) {
            double gap = SHORTEST + RANGE * dealt(seed, 2L * i);
            at[i] = at[i - 1] + (dealt(seed, 2L * i + 1) < PAUSES ? 2 * gap : gap);
        }
        double all = at[at.length - 1];
        for (int i = 0; i < at.length; i++) {
            at[i] /= all;
        }
    }

    private static double dealt(long seed, long step) {
        return (SplitMix64.mix(seed * 0x9E3779B97F4A7C15L + step * 0xBF58476D1CE4E5B9L) >>> 11) * 0x1p-53;
    }

    @Override
    public double at(double x) {
        double place = Easing.clamp(x) * (at.length - 1);
        int i = Math.min(at.length - 2, (int) place);
        return at[i] + (at[i + 1] - at[i]) * (place - i);
    }
}
