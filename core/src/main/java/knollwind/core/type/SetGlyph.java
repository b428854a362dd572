package knollwind.core.type;

import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/**
 * A glyph in its place in a set block.
 *
 * @param x px from the block's left edge to the glyph's origin
 * @param y px from the block's top edge to the glyph's origin
 * @param advance px to the next glyph, tracking included
 * @param from first UTF-16 offset in the block's text that the glyph's cluster stands for
 * @param to end of the cluster
 * @param colour 0xAARRGGBB of the glyph's run, or null for the block's fill
 * @param picture what it shows in colours of its own; null for a plain outline
 */
public record SetGlyph(
        Outline outline, double x, double y, double advance, int from, int to, Integer colour, GlyphPicture picture) {
    /** A glyph without colours of its own. */
    public SetGlyph(Outline outline, double x, double y, double advance, int from, int to, Integer colour) {
        this(outline, x, y, advance, from, to, colour, null);
    }

    public Box ink() {
        return outline.ink().shift(x, y);
    }
}
