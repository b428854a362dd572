package knollwind.core.type;

import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.scene.UnitKind;

/**
 * A block's words, set: lines and units in px with the block's metric box at (0, 0).
 *
 * @param em type size in px
 * @param lineHeight distance of baselines in px
 * @param missing the characters no shipped face has, in reading order; they show an empty box
 */
public record SetText(
        String text,
        double em,
        double lineHeight,
        List<SetLine> lines,
        Box box,
        Box ink,
        List<Unit> characters,
        List<Unit> words,
        List<Unit> lineUnits,
        Unit whole,
        List<String> missing) {
    /** The units of a kind in reading order. */
    public List<Unit> units(UnitKind kind) {
        return switch (kind) {
            case CHARACTER -> characters;
            case WORD -> words;
            case LINE -> lineUnits;
            case WHOLE -> List.of(whole);
        };
    }
}
