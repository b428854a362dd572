package knollwind.core.motion;

/**
 * A landing that goes past the end and comes back: 1 + (s + 1)(x − 1)³ + s(x − 1)², with s chosen so that the furthest
 * point lies {@code amount} beyond 1.
 *
 * @param amount 0 to 4, as a part of the way; 0.1 is a good start
 */
public record Overshoot(double amount) implements Easing {
    public Overshoot {
        if (!(amount >= 0 && amount <= 4)) {
            throw new IllegalArgumentException("overshoot() takes an amount from 0 to 4, not " + amount);
        }
    }

    @Override
    public double at(double x) {
        double s = strength();
        double u = Easing.clamp(x) - 1;
        return 1 + (s + 1) * u * u * u + s * u * u;
    }

    /** The peak of the curve lies 4s³ / 27(s + 1)² above 1; solved for s by halving. */
    private double strength() {
        double low = 0;
        double high = 40;
        for (int i = 0; i < 60; i++) {
            double s = (low + high) / 2;
            if (4 * s * s * s / (27 * (s + 1) * (s + 1)) < amount) {
                low = s;
            } else {
                high = s;
            }
        }
        return (low + high) / 2;
    }
}
