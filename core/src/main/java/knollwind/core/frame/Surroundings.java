package knollwind.core.frame;

import knollwind.core.scene.FrameFit;
import knollwind.core.scene.FrameRate;
import knollwind.core.type.Box;

/**
 * All that a block's look depends on outside itself. Two blocks that are alike in alike surroundings look alike.
 *
 * @param fit how the base frame lies in the format
 * @param rate of the scene
 * @param anchor where the block's pivot stands because it is attached, px of the base frame; null lets its place say so
 * @param width px that the block is made as wide as because another one is; NaN for its own
 * @param behind for a plate, the box of the words it lies behind, px of the base frame; null without words
 * @param notBefore scene frame before which the block is not seen, because its plate is not there yet
 * @param notAfter scene frame from which on the block is not seen, because its plate goes
 */
public record Surroundings(
        FrameFit fit, FrameRate rate, Point anchor, double width, Box behind, double notBefore, double notAfter) {
    /** A point in px. */
    public record Point(double x, double y) {}

    /** A block that hangs on no other. */
    static Surroundings free(FrameFit fit, FrameRate rate) {
        return new Surroundings(fit, rate, null, Double.NaN, null, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    Surroundings anchored(double x, double y) {
        return new Surroundings(fit, rate, new Point(x, y), width, behind, notBefore, notAfter);
    }

    Surroundings wide(double px) {
        return new Surroundings(fit, rate, anchor, px, behind, notBefore, notAfter);
    }

    Surroundings behind(Box words) {
        return new Surroundings(fit, rate, anchor, width, words, notBefore, notAfter);
    }

    Surroundings during(double from, double to) {
        return new Surroundings(fit, rate, anchor, width, behind, from, to);
    }
}
