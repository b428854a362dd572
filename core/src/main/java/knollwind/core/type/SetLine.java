package knollwind.core.type;

import java.util.List;
import knollwind.core.geometry.Box;

/**
 * A line of a set block.
 *
 * @param from first UTF-16 offset of the line in the block's text
 * @param to end of the line's text, without the break
 * @param x px from the block's left edge
 * @param baseline px from the block's top edge
 * @param advance width in px, trailing spaces left out
 * @param glyphs from left to right
 */
public record SetLine(
        int index,
        int from,
        int to,
        double x,
        double baseline,
        double advance,
        double ascent,
        double descent,
        boolean rtl,
        List<SetGlyph> glyphs) {
    public Box box() {
        return new Box(x, baseline - ascent, x + advance, baseline + descent);
    }

    public Box ink() {
        return glyphs.stream().map(SetGlyph::ink).reduce(Box.EMPTY, Box::union);
    }
}
