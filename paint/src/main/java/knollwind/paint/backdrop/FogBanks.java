package knollwind.paint.backdrop;

/** Banks of fog that pass in front of one another, the nearest fastest, under a low moon. */
final class FogBanks implements Backdrop {
    /** From the nearest bank to the farthest. */
    private static final int[] COLOURS = {Ink.DEEP, Ink.NIGHT, Ink.DUSK, Ink.SEA};

    @Override
    public String name() {
        return "fog-banks";
    }

    @Override
    public int colour(double x, double y, double turn) {
        for (int bank = 0; bank < COLOURS.length; bank++) {
            // Each passes a whole number of its periods in a turn, the nearest most.
            int periods = COLOURS.length - bank;
            double shape = Noise.layered(x * 1.2 + 4 * periods * turn + 1.3 * bank, bank, 4, 4, 81 + bank);
            double top = 0.86 - 0.15 * bank - 0.2 * (shape - 0.5);
            if (y > top) {
                return COLOURS[bank];
            }
        }
        return Math.hypot(x - 1.36, y - 0.24) < 0.07 ? Ink.LAMP : Ink.HAZE;
    }
}
