package knollwind.core.frame;

import java.util.function.IntPredicate;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.Unit;

/**
 * What of a block is painted.
 *
 * @param letters by the offset in the text that a glyph stands for; null for all
 * @param uncut however much of it is uncovered
 */
record Shown(IntPredicate letters, boolean uncut) {
    static final Shown ALL = new Shown(null, false);

    boolean has(SetGlyph glyph) {
        return letters == null || letters.test(glyph.from());
    }

    boolean hasSome(Unit unit) {
        return letters == null || unit.glyphs().stream().anyMatch(this::has);
    }
}
