package knollwind.core.layout;

import java.util.List;
import java.util.Map;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;
import knollwind.core.motion.Turns;
import knollwind.core.scene.Block;
import knollwind.core.scene.Clock;
import knollwind.core.scene.FrameFit;

/**
 * All that a block's look depends on outside itself. Two blocks that are alike in alike surroundings look alike.
 *
 * @param fit how the base frame lies in the format
 * @param clock what the scene counts time by
 * @param turns moments at which its pieces may be called from outside
 * @param anchor where the block's pivot stands because it is attached, px of the base frame; null lets its place say so
 * @param width px that the block is made as wide as because another one is; NaN for its own
 * @param behind for a plate, the box of the words it lies behind, px of the base frame; null without words
 * @param notBefore scene frame before which the block is not seen, because its plate is not there yet
 * @param notAfter scene frame from which on the block is not seen, because its plate goes
 * @param outer what moves the block from outside
 * @param hiders boxes of the shapes that its moves come from behind of, by id, px of the base frame
 * @param beside blocks that its dress needs, by id, with all that they depend on but such blocks of their own
 * @param spoken for a plate that stands behind the word that is said, the boxes of all and when it is behind which
 */
public record Surroundings(
        FrameFit fit,
        Clock clock,
        Turns turns,
        Point anchor,
        double width,
        Box behind,
        double notBefore,
        double notAfter,
        CarriedTransform outer,
        Map<String, Box> hiders,
        List<SpokenBox> spoken,
        Map<String, Beside> beside) {
    /** Another block and all that its look depends on. */
    public record Beside(Block block, Surroundings around) {}

    /** A block that hangs on no other. */
    static Surroundings free(FrameFit fit, Clock clock, Turns turns) {
        return new Surroundings(
                fit,
                clock,
                turns,
                null,
                Double.NaN,
                null,
                Double.NEGATIVE_INFINITY,
                Double.POSITIVE_INFINITY,
                CarriedTransform.NOTHING,
                Map.of(),
                List.of(),
                Map.of());
    }

    Surroundings anchored(double x, double y) {
        return new Surroundings(
                fit, clock, turns, new Point(x, y), width, behind, notBefore, notAfter, outer, hiders, spoken, beside);
    }

    Surroundings wide(double px) {
        return new Surroundings(
                fit, clock, turns, anchor, px, behind, notBefore, notAfter, outer, hiders, spoken, beside);
    }

    Surroundings behind(Box words) {
        return new Surroundings(
                fit, clock, turns, anchor, width, words, notBefore, notAfter, outer, hiders, spoken, beside);
    }

    /** The same for a plate that stands behind the word that is said. */
    Surroundings said(List<SpokenBox> boxes) {
        return new Surroundings(
                fit, clock, turns, anchor, width, behind, notBefore, notAfter, outer, hiders, boxes, beside);
    }

    Surroundings moved(CarriedTransform by) {
        return new Surroundings(
                fit, clock, turns, anchor, width, behind, notBefore, notAfter, by, hiders, spoken, beside);
    }

    Surroundings hidden(Map<String, Box> by) {
        return new Surroundings(
                fit, clock, turns, anchor, width, behind, notBefore, notAfter, outer, by, spoken, beside);
    }

    Surroundings during(double from, double to) {
        return new Surroundings(fit, clock, turns, anchor, width, behind, from, to, outer, hiders, spoken, beside);
    }

    /** The same with blocks that its dress needs. */
    Surroundings among(Map<String, Beside> others) {
        return new Surroundings(
                fit, clock, turns, anchor, width, behind, notBefore, notAfter, outer, hiders, spoken, others);
    }
}
