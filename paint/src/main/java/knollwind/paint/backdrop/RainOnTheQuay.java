package knollwind.paint.backdrop;

/** Slanting rain in three depths before a low quay with one lamp. */
final class RainOnTheQuay implements Backdrop {
    /** How far rain drifts across for its way down. */
    private static final double SLANT = 0.2;

    @Override
    public String name() {
        return "rain-on-the-quay";
    }

    @Override
    public int colour(double x, double y, double turn) {
        if (falls(x, y, turn, 0.030, 0.17, 0.0016, 9, 3)) {
            return Ink.HAZE;
        }
        if (falls(x, y, turn, 0.021, 0.10, 0.0012, 6, 2)) {
            return Ink.SEA;
        }
        double quay = 0.84 - 0.012 * Noise.step(0.9, 0.93, x) + 0.03 * Noise.step(1.3, 1.34, x);
        boolean post = Math.abs(x - 1.18) < 0.005 && y > 0.5 || Math.hypot((x - 1.18) / 0.034, (y - 0.5) / 0.026) < 1;
        if (y > quay || post) {
            return Math.hypot(x - 1.18, y - 0.507) < 0.012 ? Ink.LAMP : Ink.DEEP;
        }
        if (falls(x, y, turn, 0.014, 0.06, 0.0010, 4, 1)) {
            return Ink.SEA;
        }
        double cone = (y - 0.52) * 0.55;
        boolean light = y > 0.52 && Math.abs(x - 1.18) < cone;
        return light ? Ink.SEA : y > 0.62 ? Ink.DUSK : Ink.NIGHT;
    }

    /** Whether a drop's streak is seen here. Each lane has one, that falls {@code falls} times in a turn. */
    private static boolean falls(
            double x, double y, double turn, double lane, double length, double thick, int falls, int seed) {
        double across = x + SLANT * y;
        int index = (int) Math.floor(across / lane);
        double middle = (index + 0.2 + 0.6 * Noise.hash(index, seed)) * lane;
        double top = ((Noise.hash(index, seed + 10) + falls * turn) % 1) * (1 + length) - length;
        double along = (y - top) / length;
        // A streak tapers upwards.
        return along > 0 && along < 1 && Math.abs(across - middle) < thick * along;
    }
}
