package knollwind.paint.backdrop;

/** The road that a lamp lays over dark water: level glints, wider and slower the nearer they are. */
final class LampOnWater implements Backdrop {
    /** Of the frame's height, from its top. */
    private static final double HORIZON = 0.3;

    /** Where the lamp stands, frame heights from the left. */
    private static final double LAMP = 1.24;

    @Override
    public String name() {
        return "lamp-on-water";
    }

    @Override
    public int colour(double x, double y, double turn) {
        if (y < HORIZON) {
            return Ink.NIGHT;
        }
        double near = (y - HORIZON) / (1 - HORIZON);
        // A level band of water at a distance d is seen about 1 / d below the horizon.
        double distance = 1 / (near + 0.06);
        double ripple = Noise.smooth(3 * x / (0.35 + near) + 8 * turn, distance * 9, 8, 11)
                + Noise.smooth(5 * x / (0.35 + near) - 8 * turn, distance * 14 + 40, 8, 12);
        double drift = 0.10 * (0.3 + near) * (Noise.smooth(8 * turn, distance * 4, 8, 13) - 0.5);
        double road = Math.exp(-Math.pow((x - LAMP - drift) / (0.03 + 0.13 * near), 2));
        if (ripple * road > 0.72) {
            return Ink.LAMP;
        }
        return ripple > 1.34 ? Ink.SEA : ripple > 1.16 ? Ink.DUSK : Ink.DEEP;
    }
}
