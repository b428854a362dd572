package knollwind.core.type;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeSet;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Run;
import knollwind.core.scene.Setting;

/**
 * Sets words: breaks paragraphs into lines, shapes each line whole, tracks, aligns, and gathers units. Results are kept by
 * content, so asking twice costs nothing. Safe for threads.
 */
public final class Typesetter {
    private final LineShaper shaper;
    /** Words look different when a family comes or goes. */
    private record Key(TextToSet copy, int fonts) {}

    private static final String HYPHEN = "-";

    private final FontLibrary fonts;
    private final Cache<Key, SetText> cache =
            Caffeine.newBuilder().maximumSize(500).build();

    /** The faces it sets in. */
    public FontLibrary fonts() {
        return fonts;
    }

    public Typesetter(FontLibrary fonts) {
        this.fonts = fonts;
        this.shaper = new LineShaper(fonts, new GlyphOutlines());
    }

    /** The words in lines and units; an empty text gives one empty line. */
    public SetText set(TextToSet copy) {
        return cache.get(new Key(copy, fonts.version()), key -> compute(key.copy()));
    }

    private SetText compute(TextToSet asked) {
        TextToSet copy = asked.shown();
        return copy.fitting() == null ? lay(copy, Scale.NONE) : new Fitter(this).fit(copy);
    }

    /** Lays the words out with every line at its scale. */
    SetText lay(TextToSet copy, Scale scale) {
        List<LineBreaker.Broken> broken = new LineBreaker(
                        copy, scale.all(), hyphen(copy, scale.all()), (from, to) -> shape(copy, from, to, scale.all()))
                .lines();
        List<LineShaper.ShapedLine> shaped = new ArrayList<>();
        List<List<SetGlyph>> glyphs = new ArrayList<>();
        Set<String> missing = new LinkedHashSet<>();
        for (int i = 0; i < broken.size(); i++) {
            LineBreaker.Broken line = broken.get(i);
            LineShaper.ShapedLine one = line(copy, line, scale.of(i));
            shaped.add(one);
            boolean justify =
                    copy.alignment() == Setting.Alignment.JUSTIFY && !line.last() && !Double.isNaN(copy.column());
            List<SetGlyph> placed = track(copy, line, one, missing, justify ? copy.column() : Double.NaN);
            if (scale.flush() && copy.fitting().byInk()) {
                placed = Fitter.spread(placed, copy.fitting().width());
            }
            glyphs.add(placed);
        }
        Pairs pairs = Pairs.of(
                copy, glyphs, broken.stream().map(LineBreaker.Broken::to).toList(), copy.pairs() * scale.all());
        glyphs = pairs.glyphs();
        List<Double> widths = pairs.widths();
        double width = Double.isNaN(copy.column())
                ? widths.stream().mapToDouble(one -> one).max().orElse(0)
                : copy.column();
        if (scale.flush()) {
            width = copy.fitting().width();
        }
        double baseline = shaped.get(0).ascent();
        List<SetLine> lines = new ArrayList<>();
        for (int i = 0; i < broken.size(); i++) {
            baseline += i == 0 ? 0 : copy.leading() * copy.size() * scale.of(i);
            Box ink = glyphs.get(i).stream().map(SetGlyph::ink).reduce(Box.EMPTY, Box::union);
            double x = scale.flush() && copy.fitting().byInk() && !ink.isEmpty()
                    ? -ink.left()
                    : across(copy, shaped.get(i).rtl(), width, widths.get(i));
            lines.add(line(broken.get(i), i, shaped.get(i), glyphs.get(i), widths.get(i), x, baseline));
        }
        SetLine last = lines.get(lines.size() - 1);
        Box box = new Box(0, 0, width, last.baseline() + last.descent());
        Box ink = lines.stream().map(SetLine::ink).reduce(Box.EMPTY, Box::union);
        UnitBuilder units = new UnitBuilder(copy.text(), copy.language(), lines);
        double em = copy.size() * scale.most(lines.size());
        return new SetText(
                copy.text(),
                em,
                copy.leading() * em,
                lines,
                box,
                ink,
                units.characters(),
                units.words(),
                units.lines(),
                units.whole(box, ink),
                List.copyOf(missing));
    }

    private static double across(TextToSet copy, boolean rtl, double width, double advance) {
        return switch (copy.alignment()) {
            case CENTRE -> (width - advance) / 2;
            case START, JUSTIFY -> rtl ? width - advance : 0;
            case END -> rtl ? 0 : width - advance;
        };
    }

    private static SetLine line(
            LineBreaker.Broken broken,
            int index,
            LineShaper.ShapedLine shaped,
            List<SetGlyph> glyphs,
            double advance,
            double x,
            double baseline) {
        List<SetGlyph> moved = glyphs.stream()
                .map(glyph -> new SetGlyph(
                        glyph.outline(),
                        glyph.x() + x,
                        glyph.y() + baseline,
                        glyph.advance(),
                        glyph.from(),
                        glyph.to(),
                        glyph.colour(),
                        glyph.picture()))
                .toList();
        return new SetLine(
                index,
                broken.from(),
                broken.to(),
                x,
                baseline,
                advance,
                shaped.ascent(),
                shaped.descent(),
                shaped.rtl(),
                moved);
    }

    /** The advance of a hyphen, where the words have any place for one. */
    private double hyphen(TextToSet copy, double scale) {
        return copy.text().indexOf('\u00ad') < 0
                ? 0
                : shaper.shape(HYPHEN, List.of(plain(copy, 0, 1, scale)), copy.direction(), List.of())
                        .advance();
    }

    /** A line that was broken at a soft hyphen shows it. */
    private LineShaper.ShapedLine line(TextToSet copy, LineBreaker.Broken line, double scale) {
        if (line.last() || !LineBreaker.isSoftHyphen(copy.text(), line.to() - 1)) {
            return shape(copy, line.from(), line.to(), scale);
        }
        return shape(copy, line.from(), line.to(), scale, HYPHEN);
    }

    private LineShaper.ShapedLine shape(TextToSet copy, int from, int to, double scale) {
        return shape(copy, from, to, scale, "");
    }

    /** @param end what the line's last characters are shown as; empty for themselves */
    private LineShaper.ShapedLine shape(TextToSet copy, int from, int to, double scale, String end) {
        List<LineStyle> styles = new ArrayList<>();
        int at = from;
        for (Run run : copy.runs()) {
            if (run.to() <= from || run.from() >= to) {
                continue;
            }
            int runFrom = Math.max(from, run.from());
            int runTo = Math.min(to, run.to());
            if (runFrom > at) {
                styles.add(plain(copy, at - from, runFrom - from, scale));
            }
            styles.add(styled(copy, run, runFrom - from, runTo - from, scale));
            at = runTo;
        }
        if (at < to || styles.isEmpty()) {
            styles.add(plain(copy, at - from, to - from, scale));
        }
        return shaper.shape(
                // Fonts draw tabs as anything; they part columns or are spaces.
                copy.text().substring(from, to - end.length()).replace('\t', ' ') + end,
                styles,
                copy.direction(),
                ShapeFeatures.of(copy.ligatures(), copy.forms()));
    }

    private static LineStyle plain(TextToSet copy, int from, int to, double scale) {
        float size = (float) (copy.size() * scale);
        return new LineStyle(from, to, copy.face(), size, 0, null, copy.language(), Setting.Direction.AUTO);
    }

    private static LineStyle styled(TextToSet copy, Run run, int from, int to, double scale) {
        double size = copy.size() * scale * (run.scale() == null ? 1 : run.scale());
        return new LineStyle(
                from,
                to,
                run.face() == null ? copy.face() : run.face(),
                (float) size,
                (float) (run.shift() == null ? 0 : run.shift() * size),
                run.colour() == null ? null : Colour.argb(run.colour()),
                run.language() == null ? copy.language() : run.language(),
                run.direction() == null ? Setting.Direction.AUTO : run.direction());
    }

    static NavigableSet<Integer> graphemes(String text, String language) {
        return new TreeSet<>(Segmenter.boundaries(text, Segmenter.By.CHARACTER, language));
    }

    /** Adds tracking after every grapheme but the line's last, never between a letter and its marks, and spreads a justified line over its spaces. */
    private List<SetGlyph> track(
            TextToSet copy,
            LineBreaker.Broken line,
            LineShaper.ShapedLine shaped,
            Set<String> missing,
            double justifyTo) {
        NavigableSet<Integer> starts = new TreeSet<>(shaped.starts());
        String text = copy.text().substring(line.from(), line.to());
        NavigableSet<Integer> graphemes = graphemes(text, copy.language());
        List<LineStyle> styles = shaped.styles();
        List<SetGlyph> placed = new ArrayList<>();
        List<ShapedGlyph> glyphs = shaped.glyphs();
        double[] after = new double[glyphs.size()];
        int spaces = 0;
        double total = 0;
        for (int i = 0; i < glyphs.size(); i++) {
            ShapedGlyph glyph = glyphs.get(i);
            boolean ends = i + 1 < glyphs.size()
                    && !graphemes.floor(glyphs.get(i + 1).cluster()).equals(graphemes.floor(glyph.cluster()));
            if (ends && !Joining.hangsTogether(text.codePointAt(glyph.cluster()))) {
                after[i] = copy.tracking() / 1000 * styles.get(glyph.style()).size();
            }
            if (ends && Segmenter.isSpace(text, glyph.cluster())) {
                after[i] +=
                        copy.wordSpacing() / 1000 * styles.get(glyph.style()).size();
            }
            total += glyph.advance() + after[i];
            if (Segmenter.isSpace(text, glyph.cluster())) {
                spaces++;
            }
        }
        double perSpace = Double.isNaN(justifyTo) || spaces == 0 ? 0 : Math.max(0, (justifyTo - total) / spaces);
        double shift = 0;
        for (int i = 0; i < glyphs.size(); i++) {
            ShapedGlyph glyph = glyphs.get(i);
            Integer next = starts.higher(glyph.cluster());
            int to = next == null ? text.length() : next;
            double extra = after[i] + (Segmenter.isSpace(text, glyph.cluster()) ? perSpace : 0);
            placed.add(new SetGlyph(
                    glyph.outline(),
                    glyph.x() + shift,
                    glyph.y(),
                    glyph.advance() + extra,
                    line.from() + glyph.cluster(),
                    line.from() + to,
                    styles.get(glyph.style()).colour(),
                    glyph.picture()));
            if (glyph.missing()) {
                missing.add(text.substring(glyph.cluster(), to));
            }
            shift += extra;
        }
        return placed;
    }
}
