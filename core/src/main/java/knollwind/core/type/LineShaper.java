package knollwind.core.type;

import com.ibm.icu.text.Bidi;
import io.github.humbleui.skija.Font;
import io.github.humbleui.skija.FontFeature;
import io.github.humbleui.skija.FontHinting;
import io.github.humbleui.skija.FontMetrics;
import io.github.humbleui.skija.Typeface;
import io.github.humbleui.skija.shaper.BidiRun;
import io.github.humbleui.skija.shaper.FontRun;
import io.github.humbleui.skija.shaper.HbIcuScriptRunIterator;
import io.github.humbleui.skija.shaper.LanguageRun;
import io.github.humbleui.skija.shaper.RunHandler;
import io.github.humbleui.skija.shaper.RunInfo;
import io.github.humbleui.skija.shaper.Shaper;
import io.github.humbleui.skija.shaper.ShapingOptions;
import io.github.humbleui.types.Point;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Outline;
import knollwind.core.scene.Setting;

/**
 * Shapes one line of text: fonts by our own fallback chain, runs by direction (UAX #9), script and language, glyphs by
 * HarfBuzz inside Skia, runs put into visual order by rule L2 of UAX #9.
 */
final class LineShaper {
    /** A line's glyphs from left to right, its advance, and the ascent and descent (both positive, px) of its faces. */
    record ShapedLine(
            List<ShapedGlyph> glyphs,
            double advance,
            double ascent,
            double descent,
            boolean rtl,
            List<Integer> starts,
            List<LineStyle> styles) {}

    private record FontStretch(int from, int to, Typeface typeface, Font font, int style, boolean missing) {}

    private record VisualRun(int level, List<ShapedGlyph> glyphs, double advance) {}

    private final FontLibrary fonts;
    private final GlyphOutlines outlines;

    LineShaper(FontLibrary fonts, GlyphOutlines outlines) {
        this.fonts = fonts;
        this.outlines = outlines;
    }

    /** Shapes the line; the styles cover it from 0 to its length in order. The line may be empty but its styles not. */
    ShapedLine shape(String line, List<LineStyle> styles, Setting.Direction direction, List<FontFeature> features) {
        byte base = switch (direction) {
            case LTR -> Bidi.LTR;
            case RTL -> Bidi.RTL;
            case AUTO -> Bidi.LEVEL_DEFAULT_LTR;
        };
        List<FontStretch> stretches = stretches(line, styles);
        try {
            double ascent = 0;
            double descent = 0;
            for (FontStretch stretch : stretches) {
                FontMetrics metrics = stretch.font.getMetrics();
                ascent = Math.max(ascent, -metrics.getAscent());
                descent = Math.max(descent, metrics.getDescent());
            }
            if (line.isEmpty()) {
                return new ShapedLine(
                        List.of(), 0, ascent, descent, direction == Setting.Direction.RTL, List.of(), styles);
            }
            Bidi bidi = new Bidi();
            bidi.setPara(line, base, embedding(line, base, styles));
            List<VisualRun> runs = shapeRuns(line, styles, stretches, bidi, features);
            return visual(runs, styles, ascent, descent, bidi.getParaLevel() % 2 == 1);
        } finally {
            stretches.forEach(stretch -> stretch.font.close());
        }
    }

    /** Levels for stretches with a direction of their own: they lie embedded in the line; null when there are none. */
    private static byte[] embedding(String line, byte base, List<LineStyle> styles) {
        if (styles.stream().allMatch(style -> style.direction() == Setting.Direction.AUTO)) {
            return null;
        }
        byte paragraph = base;
        if (base == Bidi.LEVEL_DEFAULT_LTR) {
            paragraph = Bidi.getBaseDirection(line) == Bidi.RTL ? Bidi.RTL : Bidi.LTR;
        }
        byte[] levels = new byte[line.length()];
        for (LineStyle style : styles) {
            byte level = switch (style.direction()) {
                case AUTO -> paragraph;
                case RTL -> 1;
                case LTR -> (byte) (paragraph == Bidi.LTR ? 0 : 2);
            };
            java.util.Arrays.fill(levels, style.from(), style.to(), level);
        }
        return levels;
    }

    private List<VisualRun> shapeRuns(
            String line, List<LineStyle> styles, List<FontStretch> stretches, Bidi bidi, List<FontFeature> features) {
        List<FontRun> fontRuns = new ArrayList<>();
        stretches.forEach(stretch -> fontRuns.add(new FontRun(stretch.to, stretch.font)));
        List<BidiRun> bidiRuns = new ArrayList<>();
        for (int i = 0; i < bidi.countRuns(); i++) {
            com.ibm.icu.text.BidiRun run =
                    bidi.getLogicalRun(i == 0 ? 0 : bidiRuns.get(i - 1).getEnd());
            bidiRuns.add(new BidiRun(run.getLimit(), run.getEmbeddingLevel()));
        }
        List<LanguageRun> languages = new ArrayList<>();
        styles.forEach(style -> languages.add(new LanguageRun(style.to(), style.language())));
        ShapingOptions options = features.isEmpty()
                ? ShapingOptions.DEFAULT
                : ShapingOptions.DEFAULT.withFeatures(features.toArray(new FontFeature[0]));
        List<VisualRun> runs = new ArrayList<>();
        try (Shaper shaper = Shaper.makeShapeDontWrapOrReorder();
                HbIcuScriptRunIterator scripts = new HbIcuScriptRunIterator(line)) {
            shaper.shape(
                    line,
                    fontRuns.iterator(),
                    bidiRuns.iterator(),
                    scripts,
                    languages.iterator(),
                    options,
                    Float.POSITIVE_INFINITY,
                    new Collector(styles, stretches, runs));
        }
        return runs;
    }

    /** Splits the line where the font changes: by style, and inside a style by which file of the chain has the glyphs. */
    private List<FontStretch> stretches(String line, List<LineStyle> styles) {
        List<FontStretch> stretches = new ArrayList<>();
        for (int s = 0; s < styles.size(); s++) {
            LineStyle style = styles.get(s);
            FaceChain chain = fonts.chain(style.face());
            if (line.isEmpty()) {
                stretches.add(new FontStretch(0, 0, chain.first(), font(chain.first(), style.size()), s, false));
                continue;
            }
            int from = style.from();
            Typeface current = null;
            boolean currentMissing = false;
            List<Integer> graphemes = Segmenter.boundaries(
                    line.substring(style.from(), style.to()), Segmenter.By.CHARACTER, style.language());
            for (int i = 0; i + 1 < graphemes.size(); i++) {
                int at = style.from() + graphemes.get(i);
                String grapheme = line.substring(at, style.from() + graphemes.get(i + 1));
                Typeface found = covering(chain, grapheme, current);
                boolean missing = found == null;
                Typeface typeface = missing ? chain.first() : found;
                if (current != null && (typeface != current || missing != currentMissing)) {
                    stretches.add(new FontStretch(from, at, current, font(current, style.size()), s, currentMissing));
                    from = at;
                }
                current = typeface;
                currentMissing = missing;
            }
            if (current != null) {
                stretches.add(
                        new FontStretch(from, style.to(), current, font(current, style.size()), s, currentMissing));
            }
        }
        return stretches;
    }

    /** The first typeface that has every character of the grapheme; spaces and joiners stay with the one before. */
    private static Typeface covering(FaceChain chain, String grapheme, Typeface current) {
        int[] codePoints = grapheme.codePoints()
                .filter(c -> c != 0x200D && c != 0x200C && (c < 0xFE00 || c > 0xFE0F) && c != 0x2060)
                .toArray();
        if (codePoints.length == 0) {
            return current == null ? chain.first() : current;
        }
        // A font of pictures may have no space; what it would show for one is as wide as a picture.
        if (current != null && grapheme.isBlank() && current.getUTF32Glyph(codePoints[0]) != 0) {
            return current;
        }
        return chain.covering(codePoints);
    }

    static Font font(Typeface typeface, float size) {
        return new Font(typeface, size)
                .setSubpixel(true)
                .setHinting(FontHinting.NONE)
                .setMetricsLinear(true)
                .setBaselineSnapped(false);
    }

    private static ShapedLine visual(
            List<VisualRun> runs, List<LineStyle> styles, double ascent, double descent, boolean rtl) {
        byte[] levels = new byte[runs.size()];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = (byte) runs.get(i).level;
        }
        int[] order = Bidi.reorderVisual(levels);
        List<ShapedGlyph> glyphs = new ArrayList<>();
        double x = 0;
        for (int index : order) {
            VisualRun run = runs.get(index);
            for (ShapedGlyph glyph : run.glyphs) {
                glyphs.add(new ShapedGlyph(
                        glyph.outline(),
                        x + glyph.x(),
                        glyph.y(),
                        glyph.advance(),
                        glyph.cluster(),
                        glyph.rtl(),
                        glyph.style(),
                        glyph.missing(),
                        glyph.picture()));
            }
            x += run.advance;
        }
        List<Integer> starts =
                glyphs.stream().map(ShapedGlyph::cluster).distinct().sorted().toList();
        return new ShapedLine(glyphs, x, ascent, descent, rtl, starts, styles);
    }

    /** Takes the shaped runs as Skia hands them over, in logical order. */
    private final class Collector implements RunHandler {
        private final List<LineStyle> styles;
        private final List<FontStretch> stretches;
        private final List<VisualRun> runs;

        Collector(List<LineStyle> styles, List<FontStretch> stretches, List<VisualRun> runs) {
            this.styles = styles;
            this.stretches = stretches;
            this.runs = runs;
        }

        @Override
        public void beginLine() {}

        @Override
        public void runInfo(RunInfo info) {}

        @Override
        public void commitRunInfo() {}

        @Override
        public Point runOffset(RunInfo info) {
            return Point.ZERO;
        }

        @Override
        public void commitRun(RunInfo info, short[] glyphs, Point[] positions, int[] clusters) {
            FontStretch stretch = stretches.stream()
                    .filter(s -> clusters[0] >= s.from && clusters[0] < s.to)
                    .findFirst()
                    .orElseThrow();
            List<ShapedGlyph> shaped = new ArrayList<>();
            for (int i = 0; i < glyphs.length; i++) {
                double end = i + 1 < glyphs.length ? positions[i + 1].getX() : info.getAdvanceX();
                Outline outline = outlines.outline(stretch.typeface, stretch.font, glyphs[i]);
                GlyphPicture picture = outline.isEmpty()
                        ? fonts.pictures()
                                .of(stretch.typeface, glyphs[i], stretch.font.getSize())
                                .orElse(null)
                        : null;
                shaped.add(new ShapedGlyph(
                        picture == null ? outline : picture.outline(),
                        positions[i].getX(),
                        positions[i].getY() - styles.get(stretch.style).shift(),
                        end - positions[i].getX(),
                        clusters[i],
                        info.getBidiLevel() % 2 == 1,
                        stretch.style,
                        stretch.missing,
                        picture));
            }
            runs.add(new VisualRun(info.getBidiLevel(), shaped, info.getAdvanceX()));
        }

        @Override
        public void commitLine() {}
    }
}
