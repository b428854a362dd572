package knollwind.core.simulation;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Point;
import knollwind.core.motion.SplitMix64;

/**
 * Points of light that are born along lines and fly off. Where each is follows from its number and its age in closed form (linear drag), so no
 * state is kept from frame to frame.
 */
public final class Sparks {
    /** The slowest sets out at this share of the spread. */
    private static final double SLOWEST = 0.25;

    /** The smallest and the largest, of the size that is said. */
    private static final double SMALLEST = 0.6;

    private static final double LARGEST = 1.2;

    /** Eddies that go by in a second. */
    private static final double TURNING = 0.35;

    /** What is told of a spark that lives. */
    public interface Told {
        /**
         * @param lived share of its life, 0 to 1
         * @param size of the size that is said
         * @param vx px a second to the right
         * @param vy px a second downwards
         */
        void spark(double x, double y, double lived, double size, double vx, double vy);
    }

    private final SparkRule rule;
    private final List<Trace> traces;
    /** Of all lines until behind each. */
    private final double[] until;

    private final double length;

    /** @param traces in the order in which they are traced */
    public Sparks(SparkRule rule, List<Trace> traces) {
        this.rule = rule;
        this.traces = traces.stream().filter(trace -> trace.length() > 0).toList();
        this.until = new double[this.traces.size()];
        double sum = 0;
        for (int i = 0; i < until.length; i++) {
            sum += this.traces.get(i).length();
            until[i] = sum;
        }
        this.length = sum;
    }

    /** Those that live at a time, seconds after the first was born; in the order of their births. */
    public void at(double time, Told told) {
        if (traces.isEmpty() || rule.rate() <= 0 || rule.life() <= 0) {
            return;
        }
        int first = (int) Math.max(0, Math.floor((time - rule.life()) * rule.rate()) + 1);
        int last = (int) Math.min(Math.floor(time * rule.rate()), Math.ceil(rule.over() * rule.rate()) - 1);
        for (int n = first; n <= last; n++) {
            fly(n, time - n / rule.rate(), told);
        }
    }

    private void fly(int n, double age, Told told) {
        if (age < 0 || age >= rule.life()) {
            return;
        }
        Point born = born(n);
        double direction = 2 * Math.PI * dealt(n, 1);
        double speed = rule.spread() * (SLOWEST + (1 - SLOWEST) * dealt(n, 2));
        double vx = speed * StrictMath.cos(direction);
        double vy = speed * StrictMath.sin(direction);
        double drag = rule.drag();
        double left = drag == 0 ? 1 : StrictMath.exp(-drag * age);
        // Seconds for which its own speed counts, and for which that of the air and of its fall do.
        double own = drag == 0 ? age : -StrictMath.expm1(-drag * age) / drag;
        double air = age - own;
        double fall = drag == 0 ? age * age / 2 : air / drag;
        double lived = age / rule.life();
        double turned = rule.swirl() * lived;
        double x = born.x() + vx * own + rule.windX() * air + turned * eddy(born.y(), age, 0);
        double y =
                born.y() + vy * own + rule.windY() * air + rule.gravity() * fall + turned * eddy(born.x(), age, 0.25);
        told.spark(
                x,
                y,
                lived,
                SMALLEST + (LARGEST - SMALLEST) * dealt(n, 3),
                vx * left + rule.windX() * (1 - left),
                vy * left + rule.windY() * (1 - left) + rule.gravity() * own);
    }

    private double eddy(double place, double age, double ahead) {
        return rule.swirl() == 0 ? 0 : StrictMath.sin(2 * Math.PI * (place / rule.eddy() + TURNING * age + ahead));
    }

    /** On the lines, where the head is that it is born of. */
    private Point born(int n) {
        double time = n / rule.rate();
        return rule.together()
                ? head(n % rule.heads(), n / rule.heads() % traces.size(), time)
                : head(n % rule.heads(), 0, time);
    }

    /** Where heads are at a time, seconds after the first spark is born; none before and after all is traced. */
    public List<Point> heads(double time) {
        List<Point> heads = new ArrayList<>();
        if (traces.isEmpty() || time < 0 || time >= rule.over()) {
            return heads;
        }
        for (int letter = 0; letter < (rule.together() ? traces.size() : 1); letter++) {
            for (int head = 0; head < rule.heads(); head++) {
                heads.add(head(head, letter, time));
            }
        }
        return heads;
    }

    /** @param letter where all are traced together; otherwise the time says which one */
    private Point head(int head, int letter, double time) {
        double passed = Math.min(1, time / rule.over());
        if (rule.together()) {
            Trace trace = traces.get(letter);
            return trace.at(trace.length() * (head + passed) / rule.heads());
        }
        double gone = passed * length;
        int now = 0;
        while (now < until.length - 1 && until[now] < gone) {
            now++;
        }
        Trace trace = traces.get(now);
        double part = 1 - (until[now] - gone) / trace.length();
        return trace.at(trace.length() * (head + Math.max(0, Math.min(1, part))) / rule.heads());
    }

    /**
     * When a letter has been traced.
     *
     * @param letter among those that have lines
     * @return seconds after the first spark was born
     */
    public double traced(int letter) {
        return rule.together() ? rule.over() : rule.over() * until[letter] / length;
    }

    /** 0 to below 1, of its own for each spark and use. */
    private double dealt(int n, int use) {
        long mixed = SplitMix64.mix(SplitMix64.mix(rule.seed() * 31L + use) + n);
        return (mixed >>> 11) / (double) (1L << 53);
    }
}
