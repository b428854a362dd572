package knollwind.core.scene;

/**
 * A soft copy of a block's words behind them, so that they can be read over anything.
 *
 * @param soft standard deviation of its Gaussian, px of the base format, 0 to {@value #SOFTEST}
 * @param strength 0 to 1
 */
public record Shade(String colour, double soft, double strength) {
    public static final double SOFTEST = 200;

    public Shade {
        Colour.check(Check.present(colour, "the colour of a soft copy"));
        Check.range(soft, 0, SOFTEST, "how soft a copy is");
        Check.range(strength, 0, 1, "how strong a copy is");
    }
}
