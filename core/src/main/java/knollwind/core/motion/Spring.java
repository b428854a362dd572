package knollwind.core.motion;

/**
 * A damped spring let go at 0 and pulled to 1, in closed form: the solution of m·x″ + c·x′ + k·(x − 1) = 0 with x(0) = 0
 * and x′(0) = 0. The bar lasts until the swing has sunk below 1/1000; what is left there is taken out evenly, so that it
 * ends at 1 exactly.
 *
 * @param mass above 0; 1 is a good start
 * @param stiffness above 0; 180 is lively, 60 lazy
 * @param damping above 0; 16 with the values above swings visibly, 30 hardly
 */
public record Spring(double mass, double stiffness, double damping) implements Easing {
    /** Of the way: what still swings by less than a thousandth is at rest to the eye. */
    private static final double SETTLED = 1e-3;

    public Spring {
        if (!(mass > 0 && stiffness > 0 && damping > 0)
                || !Double.isFinite(mass)
                || !Double.isFinite(stiffness)
                || !Double.isFinite(damping)) {
            throw new IllegalArgumentException("spring() needs a mass, a stiffness and a damping above 0");
        }
    }

    @Override
    public double at(double x) {
        double input = Easing.clamp(x);
        if (input == 0 || input == 1) {
            return input;
        }
        double duration = duration();
        return response(input * duration) + input * (1 - response(duration));
    }

    private double duration() {
        double frequency = Math.sqrt(stiffness / mass);
        double ratio = damping / (2 * Math.sqrt(stiffness * mass));
        double slowest = ratio <= 1 ? ratio * frequency : frequency * (ratio - Math.sqrt(ratio * ratio - 1));
        return -StrictMath.log(SETTLED) / slowest;
    }

    private double response(double t) {
        double frequency = Math.sqrt(stiffness / mass);
        double ratio = damping / (2 * Math.sqrt(stiffness * mass));
        if (ratio < 1 - 1e-9) {
            double swing = frequency * Math.sqrt(1 - ratio * ratio);
            double decay = StrictMath.exp(-ratio * frequency * t);
            return 1 - decay * (StrictMath.cos(swing * t) + ratio * frequency / swing * StrictMath.sin(swing * t));
        }
        if (ratio <= 1 + 1e-9) {
            return 1 - StrictMath.exp(-frequency * t) * (1 + frequency * t);
        }
        double root = Math.sqrt(ratio * ratio - 1);
        double slow = -frequency * (ratio - root);
        double fast = -frequency * (ratio + root);
        return 1 - (fast * StrictMath.exp(slow * t) - slow * StrictMath.exp(fast * t)) / (fast - slow);
    }
}
