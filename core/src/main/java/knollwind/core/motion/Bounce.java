package knollwind.core.motion;

/**
 * A fall onto the end and bounces from it, each arc a parabola as under gravity.
 *
 * @param count bounces after the first landing, 1 to 12; 3 is a good start
 * @param loss part of the height lost at each bounce, above 0 and below 1; 0.7 is a good start
 */
public record Bounce(int count, double loss) implements Easing {
    public Bounce {
        if (count < 1 || count > 12 || !(loss > 0 && loss < 1)) {
            throw new IllegalArgumentException("bounce() takes 1 to 12 bounces and a loss above 0 and below 1");
        }
    }

    @Override
    public double at(double x) {
        double input = Easing.clamp(x);
        if (input == 1) {
            return 1;
        }
        double total = 1;
        for (int i = 1; i <= count; i++) {
            total += 2 * half(i);
        }
        double t = input * total;
        if (t < 1) {
            return t * t;
        }
        t -= 1;
        for (int i = 1; i <= count; i++) {
            double half = half(i);
            if (t < 2 * half) {
                double fromTop = (t - half) / half;
                return 1 - half * half * (1 - fromTop * fromTop);
            }
            t -= 2 * half;
        }
        return 1;
    }

    /** Time from the top of the bounce to the ground; the square root of its height. */
    private double half(int bounce) {
        return StrictMath.pow(1 - loss, bounce / 2.0);
    }
}
