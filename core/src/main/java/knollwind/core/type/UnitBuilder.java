package knollwind.core.type;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.geometry.Box;
import knollwind.core.scene.UnitKind;

/** Gathers the glyphs of set lines into units. A unit never splits a cluster; white space belongs to none but lines. */
final class UnitBuilder {
    private final String text;
    private final String language;
    private final List<SetLine> lines;
    private final List<Unit> characters = new ArrayList<>();
    private final List<Unit> words = new ArrayList<>();
    private final List<Unit> lineUnits = new ArrayList<>();

    UnitBuilder(String text, String language, List<SetLine> lines) {
        this.text = text;
        this.language = language;
        this.lines = lines;
        for (SetLine line : lines) {
            addLine(line);
        }
    }

    List<Unit> characters() {
        return characters;
    }

    List<Unit> words() {
        return words;
    }

    List<Unit> lines() {
        return lineUnits;
    }

    Unit whole(Box box, Box ink) {
        List<SetGlyph> glyphs =
                lines.stream().flatMap(line -> line.glyphs().stream()).toList();
        double baseline = lines.get(0).baseline();
        return new Unit(UnitKind.WHOLE, "all", text, 0, 0, 0, box, ink, baseline, glyphs);
    }

    private void addLine(SetLine line) {
        String lineText = text.substring(line.from(), line.to());
        int firstWord = words.size();
        for (Segmenter.Stretch stretch : Segmenter.words(lineText, language)) {
            addWord(line, line.from() + stretch.from(), line.from() + stretch.to());
        }
        lineUnits.add(new Unit(
                UnitKind.LINE,
                "l." + line.index(),
                lineText,
                line.index(),
                line.index(),
                firstWord,
                line.box(),
                line.ink(),
                line.baseline(),
                line.glyphs()));
    }

    private void addWord(SetLine line, int from, int to) {
        int word = words.size();
        List<SetGlyph> glyphs = line.glyphs().stream()
                .filter(glyph -> glyph.from() >= from && glyph.from() < to)
                .toList();
        words.add(unit(UnitKind.WORD, "w." + word, words.size(), line, word, from, to, glyphs));
        Map<Integer, List<SetGlyph>> byCluster = new HashMap<>();
        glyphs.forEach(glyph ->
                byCluster.computeIfAbsent(glyph.from(), k -> new ArrayList<>()).add(glyph));
        List<Integer> graphemes = Segmenter.boundaries(text.substring(from, to), Segmenter.By.CHARACTER, language);
        int inWord = 0;
        int i = 0;
        while (i + 1 < graphemes.size()) {
            int start = from + graphemes.get(i);
            int end = from + graphemes.get(i + 1);
            i++;
            // A ligature stands for several graphemes, a grapheme may be drawn by several clusters: take both whole.
            while (i + 1 < graphemes.size() && !byCluster.containsKey(end)) {
                end = from + graphemes.get(i + 1);
                i++;
            }
            int stop = end;
            List<SetGlyph> own = glyphs.stream()
                    .filter(glyph -> glyph.from() >= start && glyph.from() < stop)
                    .toList();
            if (!own.isEmpty()) {
                String id = "c." + word + "." + inWord++;
                characters.add(unit(UnitKind.CHARACTER, id, characters.size(), line, word, start, stop, own));
            }
        }
    }

    private Unit unit(
            UnitKind kind, String id, int index, SetLine line, int word, int from, int to, List<SetGlyph> glyphs) {
        double left = glyphs.stream().mapToDouble(SetGlyph::x).min().orElse(line.x());
        double right = glyphs.stream()
                .mapToDouble(glyph -> glyph.x() + glyph.advance())
                .max()
                .orElse(left);
        Box advance = new Box(left, line.baseline() - line.ascent(), right, line.baseline() + line.descent());
        Box ink = glyphs.stream().map(SetGlyph::ink).reduce(Box.EMPTY, Box::union);
        return new Unit(
                kind, id, text.substring(from, to), index, line.index(), word, advance, ink, line.baseline(), glyphs);
    }
}
