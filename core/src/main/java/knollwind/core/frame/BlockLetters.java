package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;
import knollwind.core.handwriting.CentreLines;
import knollwind.core.handwriting.Penmanship;
import knollwind.core.layout.Rests;
import knollwind.core.scene.Block;
import knollwind.core.scene.TextBlock;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** The letters of a block as outlines of their own: how they are written, and where they stand in the frame. */
public final class BlockLetters {
    /**
     * How one of the block's letters is written.
     *
     * @param map (a, b, c, d, e, f) from shares of its ink box to the frame's px
     * @param strokes in the order of writing, each as points x, y, x, y, … in shares of the ink box
     */
    public record Letter(String family, String character, List<Double> map, List<List<Double>> strokes) {}

    private final SetText set;
    private final Rests rests;

    BlockLetters(SetText set, Rests rests) {
        this.set = set;
        this.rests = rests;
    }

    /**
     * How the letter at an offset of the text is written; nothing where there is none that is one outline.
     *
     * @param stands where the block is, from its px to the frame's
     */
    Optional<Letter> letter(Block block, int from, Matrix stands, CentreLines lines) {
        if (block.asWords().isEmpty()) {
            return Optional.empty();
        }
        TextBlock text = block.asWords().get();
        return set.characters().stream()
                .filter(unit ->
                        unit.from() <= from && unit.to() > from && unit.glyphs().size() == 1)
                .filter(unit -> !unit.glyphs().get(0).outline().isEmpty())
                .findFirst()
                .map(unit -> letter(text, unit, stands, lines));
    }

    private Letter letter(TextBlock text, Unit unit, Matrix stands, CentreLines lines) {
        SetGlyph glyph = unit.glyphs().get(0);
        Box ink = glyph.outline().ink();
        Matrix map = placed(unit, glyph, stands)
                .times(Matrix.translate(ink.left(), ink.top()))
                .times(Matrix.scale(ink.width(), ink.height()));
        List<List<Double>> strokes = lines.of(glyph.outline()).strokes().stream()
                .map(stroke -> shares(stroke.outline().points(), ink))
                .toList();
        return new Letter(
                Penmanship.family(text, unit.from()),
                unit.text(),
                List.of(map.a(), map.b(), map.c(), map.d(), map.e(), map.f()),
                strokes);
    }

    private static List<Double> shares(float[] points, Box ink) {
        List<Double> shares = new ArrayList<>();
        for (int i = 0; i + 1 < points.length; i += 2) {
            shares.add(Math.rint((points[i] - ink.left()) / Math.max(1e-6, ink.width()) * 1e4) / 1e4);
            shares.add(Math.rint((points[i + 1] - ink.top()) / Math.max(1e-6, ink.height()) * 1e4) / 1e4);
        }
        return shares;
    }

    /** All letters in px of the frame, as they rest in a block that stands there. */
    List<Outline> outlines(Matrix stands) {
        List<Outline> letters = new ArrayList<>();
        for (Unit unit : set.characters()) {
            for (SetGlyph glyph : unit.glyphs()) {
                if (!glyph.outline().isEmpty()) {
                    letters.add(mapped(glyph.outline(), placed(unit, glyph, stands)));
                }
            }
        }
        return letters;
    }

    /** Which of the outlines is the first of the letter at an offset of the text; -1 where there is none. */
    int outline(int offset) {
        int before = 0;
        for (Unit unit : set.characters()) {
            boolean there = unit.from() <= offset && offset < unit.to();
            for (SetGlyph glyph : unit.glyphs()) {
                if (!glyph.outline().isEmpty()) {
                    if (there) {
                        return before;
                    }
                    before++;
                }
            }
        }
        return -1;
    }

    private Matrix placed(Unit unit, SetGlyph glyph, Matrix stands) {
        return stands.times(rests.of(unit)).times(Matrix.translate(glyph.x(), glyph.y()));
    }

    private static Outline mapped(Outline outline, Matrix map) {
        float[] points = new float[outline.points().length];
        for (int i = 0; i + 1 < points.length; i += 2) {
            Point at = map.map(new double[] {outline.points()[i], outline.points()[i + 1]});
            points[i] = (float) at.x();
            points[i + 1] = (float) at.y();
        }
        return Outline.of(outline.verbs(), points, map.map(outline.ink()));
    }
}
