package knollwind.core.type;

import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.scene.UnitKind;

/**
 * A piece of a set block that a move can act on.
 *
 * @param id stable under edits elsewhere: {@code c.word.character}, {@code w.word}, {@code l.line} or {@code all}
 * @param index place in reading order among the units of its kind
 * @param line index of its line (the first one for the whole block)
 * @param word index of its word in the block; for lines and the whole, of its first word
 * @param advance its advances times the line's ascent and descent, px in the block
 * @param ink box of its outlines; empty when it has none
 * @param baseline y of its baseline, px from the block's top
 * @param glyphs in visual order
 */
public record Unit(
        UnitKind kind,
        String id,
        String text,
        int index,
        int line,
        int word,
        Box advance,
        Box ink,
        double baseline,
        List<SetGlyph> glyphs) {
    /** First UTF-16 offset in the block's text that it stands for; 0 without glyphs. */
    public int from() {
        return glyphs.stream().mapToInt(SetGlyph::from).min().orElse(0);
    }

    /** The offset behind the last one that it stands for; 0 without glyphs. */
    public int to() {
        return glyphs.stream().mapToInt(SetGlyph::to).max().orElse(0);
    }
}
