package knollwind.core.type;

import knollwind.core.geometry.Outline;

/**
 * A glyph of a shaped line, in visual order.
 *
 * @param x px from the line's left end to the glyph's origin
 * @param y px below the baseline
 * @param advance px to the next glyph
 * @param cluster UTF-16 offset in the line of the first character that the glyph stands for
 * @param rtl whether the glyph belongs to right-to-left text
 * @param style index of the style it is set in
 * @param picture what it shows in colours of its own; null for a plain outline
 */
record ShapedGlyph(
        Outline outline,
        double x,
        double y,
        double advance,
        int cluster,
        boolean rtl,
        int style,
        boolean missing,
        GlyphPicture picture) {}
