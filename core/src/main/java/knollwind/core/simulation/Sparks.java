package knollwind.core.simulation;

import knollwind.core.geometry.Point;
import knollwind.core.motion.SplitMix64;

/**
 * Points of light that are born and fly off. Where each is follows from its number and its age in closed form (linear drag), so no state is
 * kept from frame to frame.
 */
public final class Sparks {
    /** The slowest sets out at this share of the spread. */
    private static final double SLOWEST = 0.25;

    /** The smallest and the largest, of the size that is said. */
    private static final double SMALLEST = 0.6;

    private static final double LARGEST = 1.2;

    /** Eddies that go by in a second. */
    private static final double TURNING = 0.35;

    /** So many directions there are to set out in. */
    private static final int DIRECTIONS = 4096;

    private static final double[] COSINES = new double[DIRECTIONS];

    static {
        for (int i = 0; i < DIRECTIONS; i++) {
            COSINES[i] = StrictMath.cos(2 * Math.PI * i / DIRECTIONS);
        }
    }

    /** What is told of a spark that lives. */
    public interface Told {
        /**
         * @param number of the spark, from 0 on
         * @param lived share of its life, 0 to 1
         * @param size of the size that is said
         * @param vx px a second to the right
         * @param vy px a second downwards
         */
        void spark(int number, double x, double y, double lived, double size, double vx, double vy);
    }

    private final SparkRule rule;
    private final Births births;

    public Sparks(SparkRule rule, Births births) {
        this.rule = rule;
        this.births = births;
    }

    /** Those that live at a time, seconds after the first was born; in the order of their births. */
    public void at(double time, Told told) {
        if (rule.rate() <= 0 || rule.life() <= 0) {
            return;
        }
        int first = (int) Math.max(0, Math.floor((time - rule.life()) * rule.rate()) + 1);
        int last = (int) Math.min(Math.floor(time * rule.rate()), Math.ceil(rule.over() * rule.rate()) - 1);
        for (int n = first; n <= last; n++) {
            fly(n, time - n / rule.rate(), told);
        }
    }

    private void fly(int n, double age, Told told) {
        Point born = age < 0 || age >= rule.life() ? null : births.born(n, n / rule.rate());
        if (born == null) {
            return;
        }
        int direction = (int) (DIRECTIONS * dealt(rule.seed(), n, 1));
        double speed = rule.spread() * (SLOWEST + (1 - SLOWEST) * dealt(rule.seed(), n, 2));
        double vx = speed * COSINES[direction];
        // The sine is the cosine of a quarter of a turn before.
        double vy = speed * COSINES[(direction + 3 * DIRECTIONS / 4) % DIRECTIONS];
        double drag = rule.drag();
        double lost = drag == 0 ? 0 : -StrictMath.expm1(-drag * age);
        double left = 1 - lost;
        // Seconds for which its own speed counts, and for which that of the air and of its fall do.
        double own = drag == 0 ? age : lost / drag;
        double air = age - own;
        double fall = drag == 0 ? age * age / 2 : air / drag;
        double lived = age / rule.life();
        double turned = rule.swirl() * lived;
        double x = born.x() + vx * own + rule.windX() * air + turned * eddy(born.y(), age, 0);
        double y =
                born.y() + vy * own + rule.windY() * air + rule.gravity() * fall + turned * eddy(born.x(), age, 0.25);
        told.spark(
                n,
                x,
                y,
                lived,
                SMALLEST + (LARGEST - SMALLEST) * dealt(rule.seed(), n, 3),
                vx * left + rule.windX() * lost,
                vy * left + rule.windY() * lost + rule.gravity() * own);
    }

    private double eddy(double place, double age, double ahead) {
        return rule.swirl() == 0 ? 0 : StrictMath.sin(2 * Math.PI * (place / rule.eddy() + TURNING * age + ahead));
    }

    /** 0 to below 1, of its own for each spark and use. */
    public static double dealt(int seed, int n, int use) {
        long mixed = SplitMix64.mix(SplitMix64.mix(seed * 31L + use) + n);
        return (mixed >>> 11) / (double) (1L << 53);
    }
}
