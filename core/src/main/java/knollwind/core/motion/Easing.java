package knollwind.core.motion;

/**
 * Progress of one unit over its bar. Every easing gives 0 at 0 and 1 at 1 except the stepping ones, whose jumps may sit at
 * either end; values between may leave the range 0…1.
 */
@FunctionalInterface
public interface Easing {
    /** The eased progress at x; x is clamped to 0…1. */
    double at(double x);

    /** The same curve backwards: 1 − f(1 − x). Jumps take the mirrored limit. */
    default Easing reversed() {
        return x -> 1 - at(1 - x);
    }

    static double clamp(double x) {
        return x <= 0 ? 0 : Math.min(x, 1);
    }
}
