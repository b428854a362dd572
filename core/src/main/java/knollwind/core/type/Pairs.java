package knollwind.core.type;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Setting;

/**
 * Lines in two columns, parted by their first tab: a part and who plays it. Centred, the first column ends and the second
 * begins about the middle; ranged, both are ranged to that side. Lines without a tab stay as they are. Columns are counted from
 * the left.
 *
 * @param glyphs of each line, from 0
 * @param widths of each line; both columns' where a tab parts it
 */
record Pairs(List<List<SetGlyph>> glyphs, List<Double> widths) {
    /** The widths of both columns and what lies between them, px. */
    private record Columns(double left, double gap, double right, Setting.Alignment alignment) {
        boolean centred() {
            return alignment == Setting.Alignment.CENTRE || alignment == Setting.Alignment.JUSTIFY;
        }

        double width() {
            return left + gap + right;
        }
    }

    /**
     * @param gap px between the columns; NaN parts no line
     * @param ends where each line ends in the text, white space at its end left out
     */
    static Pairs of(TextToSet copy, List<List<SetGlyph>> lines, List<Integer> ends, double gap) {
        double left = 0;
        double right = 0;
        List<Integer> tabs = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            List<SetGlyph> line = lines.get(i);
            int tab = Double.isNaN(gap) ? -1 : tab(copy, line, ends.get(i));
            tabs.add(tab);
            if (tab >= 0) {
                left = Math.max(left, width(line.subList(0, tab)));
                right = Math.max(right, width(line.subList(Math.min(line.size(), tab + 1), line.size())));
            }
        }
        Columns columns = new Columns(left, gap, right, copy.alignment());
        if (columns.centred()) {
            columns = new Columns(Math.max(left, right), gap, Math.max(left, right), copy.alignment());
        }
        List<List<SetGlyph>> glyphs = new ArrayList<>();
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            List<SetGlyph> line = lines.get(i);
            int tab = tabs.get(i);
            glyphs.add(tab < 0 ? line : parted(line, tab, columns));
            widths.add(tab < 0 ? end(line) : columns.width());
        }
        return new Pairs(glyphs, widths);
    }

    private static List<SetGlyph> parted(List<SetGlyph> line, int tab, Columns columns) {
        List<SetGlyph> first = line.subList(0, tab);
        List<SetGlyph> second = line.subList(Math.min(line.size(), tab + 1), line.size());
        boolean toTheEnd = columns.alignment() == Setting.Alignment.END;
        double firstAt = columns.centred() || toTheEnd ? columns.left() - width(first) : 0;
        double secondAt = columns.left() + columns.gap() + (toTheEnd ? columns.right() - width(second) : 0);
        List<SetGlyph> parted = new ArrayList<>();
        move(first, firstAt, parted);
        if (tab < line.size()) {
            double spaceAt = firstAt + width(first);
            parted.add(at(line.get(tab), spaceAt, secondAt - spaceAt));
        }
        move(second, secondAt, parted);
        return parted;
    }

    private static void move(List<SetGlyph> glyphs, double to, List<SetGlyph> out) {
        double shift = glyphs.isEmpty() ? 0 : to - start(glyphs);
        glyphs.forEach(glyph -> out.add(at(glyph, glyph.x() + shift, glyph.advance())));
    }

    private static SetGlyph at(SetGlyph glyph, double x, double advance) {
        return new SetGlyph(
                glyph.outline(), x, glyph.y(), advance, glyph.from(), glyph.to(), glyph.colour(), glyph.picture());
    }

    /** The tab among the glyphs; behind the last one where nothing follows it, below 0 where there is none. */
    private static int tab(TextToSet copy, List<SetGlyph> line, int end) {
        for (int i = 0; i < line.size(); i++) {
            if (copy.text().charAt(line.get(i).from()) == '\t') {
                return i;
            }
        }
        return end < copy.text().length() && copy.text().charAt(end) == '\t' ? line.size() : -1;
    }

    private static double width(List<SetGlyph> glyphs) {
        return glyphs.isEmpty() ? 0 : end(glyphs) - start(glyphs);
    }

    private static double start(List<SetGlyph> glyphs) {
        return glyphs.stream().mapToDouble(SetGlyph::x).min().orElse(0);
    }

    private static double end(List<SetGlyph> glyphs) {
        return glyphs.stream()
                .mapToDouble(glyph -> glyph.x() + glyph.advance())
                .max()
                .orElse(0);
    }
}
