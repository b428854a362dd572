package knollwind.paint.backdrop;

/** Two rows of houses along a harbour with a few windows lit, seen from a boat that sways at anchor. */
final class HarbourLights implements Backdrop {
    /** Of the frame's height, from its top. */
    private static final double QUAY = 0.76;

    @Override
    public String name() {
        return "harbour-lights";
    }

    @Override
    public int colour(double x, double y, double turn) {
        double sway = Math.sin(2 * Math.PI * turn);
        double heave = 0.004 * Math.sin(4 * Math.PI * turn);
        if (y > QUAY + heave) {
            return water(x, y - heave, turn, sway);
        }
        int near = houses(x + 0.020 * sway, QUAY + heave - y, 0.115, 0.17, 5, turn, Ink.DEEP);
        if (near >= 0) {
            return near;
        }
        int far = houses(x + 0.008 * sway, QUAY + heave - y, 0.075, 0.30, 6, turn, Ink.DUSK);
        return far >= 0 ? far : Ink.NIGHT;
    }

    /** The colour of a row of houses, or -1 above their roofs. */
    private static int houses(double x, double up, double width, double high, int seed, double turn, int wall) {
        int house = (int) Math.floor(x / width);
        double across = x / width - house;
        double roof = high * (0.45 + 0.55 * Noise.hash(house, seed));
        double gable = Noise.hash(house, seed + 20) > 0.4 ? 0.35 * width * (1 - Math.abs(2 * across - 1)) : 0;
        if (up > roof + gable) {
            return -1;
        }
        int column = (int) Math.floor(across * 4);
        int storey = (int) Math.floor(up / (0.42 * width));
        double u = across * 4 - column;
        double v = up / (0.42 * width) - storey;
        boolean window = u > 0.3 && u < 0.7 && v > 0.3 && v < 0.75 && up < roof - 0.1 * width;
        double lit = Noise.hash(house * 8 + column, storey * 16 + seed + 40);
        // One in a hundred goes out for a part of the turn.
        boolean out = lit > 0.985 && turn > 0.3 && turn < 0.62;
        return window && lit > 0.86 && !out ? Ink.LAMP : wall;
    }

    private static int water(double x, double y, double turn, double sway) {
        double depth = y - QUAY;
        double ripple = Noise.smooth(x * 7 + 8 * turn, y * 55, 8, 51) + Noise.smooth(x * 4 - 8 * turn, y * 38, 8, 52);
        int column = (int) Math.floor((x + 0.02 * sway + 0.02 * (ripple - 1)) / 0.03);
        boolean lamp = Noise.hash(column, 61) > 0.8 && depth < 0.05 + 0.12 * Noise.hash(column, 62);
        if (lamp && ripple > 1.08) {
            return Ink.LAMP;
        }
        return ripple > 1.3 ? Ink.DUSK : Ink.DEEP;
    }
}
