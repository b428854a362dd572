package knollwind.core.motion;

/** As far away as something is loud; pieces that have their turns later hear it later. */
final class LoudnessCurve implements Going {
    private final Levels levels;
    private final boolean quiet;
    private final double[] delays;

    /**
     * @param quiet whether a piece is away when nothing is heard, and at rest at the loudest
     * @param delays frames by which each piece is behind what is heard, 0 or more
     */
    LoudnessCurve(Levels levels, boolean quiet, double[] delays) {
        this.levels = levels;
        this.quiet = quiet;
        this.delays = delays;
    }

    @Override
    public double at(int unit, double time) {
        double level = levels.at(time - delays[unit]);
        return quiet ? 1 - level : level;
    }
}
