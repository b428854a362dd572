package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.BreakIterator;
import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Color4f;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.Font;
import io.github.humbleui.skija.FontFeature;
import io.github.humbleui.skija.FontHinting;
import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.FontVariation;
import io.github.humbleui.skija.FontVariationAxis;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.Surface;
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
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Property;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * At rest the units' picture equals the line's, pixel for pixel. The other side of the comparison is made here straight
 * from the font file and the shaper, and knows nothing of units, settings or display lists.
 */
class RestLawTest {
    private static final int WIDTH = 1400;
    private static final int HEIGHT = 320;
    private static final int LEFT = 40;
    private static final int TOP = 30;

    /** A glyph as the shaper gave it. */
    private record Shaped(short id, float x, float y, int cluster) {}

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Archivo | archivo-latin-wdth-normal.woff2 | AVATAR Wave To.",
                "Archivo | archivo-latin-wdth-normal.woff2 | LAST BOAT HOME",
                "Archivo | archivo-latin-ext-wdth-normal.woff2 | \u0141\u0105\u0119\u010d\u0159\u016f",
                "Encode Sans | encode-sans-latin-wdth-normal.woff2 | Pier Two, 23:00",
                "Sofia Sans Extra Condensed | sofia-sans-extra-condensed-latin-wght-normal.woff2 | Tern Stair AVA 0123",
                "Sofia Sans Extra Condensed | sofia-sans-extra-condensed-cyrillic-wght-normal.woff2 | \u041f\u0440\u0438\u0447\u0430\u043b",
                "Literata | literata-latin-opsz-normal.woff2 | office affluent waft difficult",
                "Literata | literata-greek-opsz-normal.woff2 | \u039b\u03b9\u03bc\u03ac\u03bd\u03b9",
                "Caveat | caveat-latin-wght-normal.woff2 | see you on deck",
                "Spline Sans Mono | spline-sans-mono-latin-wght-normal.woff2 | dock 04 -> 05",
                "Literata | literata-latin-opsz-normal.woff2 | A\u0336n\u0303 e\u0301t",
                "Archivo | noto-sans-hebrew-hebrew-wght-normal.woff2 | \u05e9\u05b8\u05c1\u05dc\u05d5\u05b9\u05dd",
                "Archivo | noto-sans-arabic-arabic-wght-normal.woff2 | \u0627\u0644\u0633\u0641\u064a\u0646\u0629",
                "Archivo | noto-sans-arabic-arabic-wght-normal.woff2 | \u0644\u0627\u0645\u064e\u0651",
            })
    void units_at_rest_equal_the_line(String family, String file, String text) throws Exception {
        for (UnitKind kind : UnitKind.values()) {
            for (double tracking : new double[] {0, 80}) {
                for (float size : new float[] {96, 61.5f}) {
                    boolean joined = text.codePointAt(0) >= 0x600 && text.codePointAt(0) < 0x700;
                    byte[] units = Pictures.pixels(units(family, text, kind, size, tracking), WIDTH, HEIGHT);
                    byte[] line = line(file, text, size, kind == UnitKind.CHARACTER, joined ? 0 : tracking, -1);
                    assertThat(line).as("something is painted").contains((byte) 0xff);
                    assertThat(Pictures.furthest(units, line))
                            .as("%s by %s at %s px, tracked %s", text, kind, size, tracking)
                            .isZero();
                }
            }
        }
    }

    /** The comparison is worth something: a kern that is off by half a pixel is noticed. */
    @Test
    void a_mutated_kern_is_noticed() throws Exception {
        byte[] units = Pictures.pixels(units("Archivo", "AVATAR", UnitKind.CHARACTER, 96, 0), WIDTH, HEIGHT);
        assertThat(Pictures.furthest(units, line("archivo-latin-wdth-normal.woff2", "AVATAR", 96, true, 0, -1)))
                .isZero();
        assertThat(Pictures.furthest(units, line("archivo-latin-wdth-normal.woff2", "AVATAR", 96, true, 0, 2)))
                .isGreaterThan(40);
    }

    /** The picture of a block whose arrival by these units is over. */
    private static DisplayList units(String family, String text, UnitKind kind, float size, double tracking) {
        Move move = MoveBuilder.builder()
                .id("m")
                .unit(kind)
                .pace(Pace.eachApart(4, 1))
                .easing("ease-out")
                .channels(List.of(
                        Channel.from("y", Property.OFFSET_Y, 1, Length.Unit.EM),
                        Channel.from("r", Property.ROTATION, 30, null),
                        Channel.from("o", Property.OPACITY, 0, null)))
                .build();
        Face face = Pictures.FONTS.face(family, fallenBack(text) ? java.util.Map.of() : starts(family));
        Setting setting = SettingBuilder.builder()
                .face(face)
                .size(Value.of((double) size))
                .tracking(Value.of(tracking))
                .alignment(Setting.Alignment.START)
                .language("en-GB")
                .fill(new Fill.Solid(Value.of("#ffffff")))
                .build();
        Place place = PlaceBuilder.builder()
                .x(Value.of(Length.px(LEFT)))
                .y(Value.of(Length.px(TOP)))
                .pivot(new Pivot(Pivot.Across.LEFT, Pivot.Down.TOP, Pivot.Box.METRIC))
                .build();
        TextBlock block = TextBlockBuilder.builder()
                .id("b")
                .name("Words")
                .span(Span.of(0, 200))
                .place(place)
                .arrive(new Phase(List.of(move)))
                .text(text)
                .runs(List.of())
                .setting(setting)
                .build();
        return Pictures.score(block, new Fill.None(), WIDTH, HEIGHT, 200, new FrameRate(24, 1))
                .at(150);
    }

    /** The line shaped whole by HarfBuzz, its glyphs filled from left to right. */
    private static byte[] line(String file, String text, float size, boolean split, double tracking, int mutated)
            throws Exception {
        try (InputStream in = Pictures.FONTS.getClass().getResourceAsStream("/knollwind/fonts/" + file);
                Typeface typeface =
                        asMeant(text, FontMgr.getDefault().makeFromData(Data.makeFromBytes(in.readAllBytes())));
                Font font = new Font(typeface, size)
                        .setSubpixel(true)
                        .setHinting(FontHinting.NONE)
                        .setMetricsLinear(true)
                        .setBaselineSnapped(false);
                Surface surface =
                        Surface.makeRaster(new ImageInfo(WIDTH, HEIGHT, ColorType.BGRA_8888, ColorAlphaType.PREMUL));
                Paint white = new Paint().setAntiAlias(true).setColor4f(new Color4f(1, 1, 1, 1))) {
            Canvas canvas = surface.getCanvas();
            double baseline = TOP - font.getMetrics().getAscent();
            double pushed = 0;
            BreakIterator characters = BreakIterator.getCharacterInstance();
            characters.setText(text);
            List<Shaped> glyphs = shape(text, font, split);
            for (int i = 0; i < glyphs.size(); i++) {
                Shaped glyph = glyphs.get(i);
                double nudge = mutated >= 0 && i >= mutated ? 0.5 : 0;
                try (Path outline = font.getPath(glyph.id)) {
                    canvas.save();
                    canvas.translate((float) (LEFT + glyph.x + pushed + nudge), (float) (baseline + glyph.y));
                    if (outline != null) {
                        canvas.drawPath(outline, white);
                    }
                    canvas.restore();
                }
                if (i + 1 < glyphs.size()
                        && characters.preceding(glyphs.get(i + 1).cluster + 1)
                                != characters.preceding(glyph.cluster + 1)) {
                    pushed += tracking / 1000 * size;
                }
            }
            try (Bitmap bitmap = new Bitmap()) {
                bitmap.allocPixels(new ImageInfo(WIDTH, HEIGHT, ColorType.BGRA_8888, ColorAlphaType.PREMUL));
                surface.readPixels(bitmap, 0, 0);
                return Pictures.bytes(bitmap.peekPixels().getBuffer());
            }
        }
    }

    private static List<Shaped> shape(String text, Font font, boolean split) {
        ShapingOptions options = split
                ? ShapingOptions.DEFAULT.withFeatures(new FontFeature[] {
                    new FontFeature("liga", false), new FontFeature("clig", false), new FontFeature("dlig", false)
                })
                : ShapingOptions.DEFAULT;
        int level = text.codePointAt(0) >= 0x590 && text.codePointAt(0) < 0x700 ? 1 : 0;
        List<Shaped> shaped = new ArrayList<>();
        try (Shaper shaper = Shaper.makeShapeDontWrapOrReorder();
                HbIcuScriptRunIterator scripts = new HbIcuScriptRunIterator(text)) {
            shaper.shape(
                    text,
                    List.of(new FontRun(text.length(), font)).iterator(),
                    List.of(new BidiRun(text.length(), level)).iterator(),
                    scripts,
                    List.of(new LanguageRun(text.length(), "en-GB")).iterator(),
                    options,
                    Float.POSITIVE_INFINITY,
                    new Collector(shaped));
        }
        return shaped;
    }

    /** Takes the glyphs of the one run that a plain line is. */
    private record Collector(List<Shaped> shaped) implements RunHandler {
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
            float from = shaped.isEmpty() ? 0 : Float.NaN;
            for (int i = 0; i < glyphs.length; i++) {
                shaped.add(new Shaped(glyphs[i], positions[i].getX() + from, positions[i].getY(), clusters[i]));
            }
        }

        @Override
        public void commitLine() {}
    }

    /** Scripts that the families lack stand in the fallback's files. */
    private static boolean fallenBack(String text) {
        return text.codePointAt(0) >= 0x590 && text.codePointAt(0) < 0x700;
    }

    /** Every axis where the family's file starts from, so that the reference is painted with the file as it is. */
    private static java.util.Map<String, Double> starts(String family) {
        java.util.Map<String, Double> starts = new java.util.TreeMap<>();
        Pictures.FONTS.families().stream()
                .filter(one -> one.name().equals(family))
                .flatMap(one -> one.axes().stream())
                .forEach(axis -> starts.put(axis.tag(), (double) axis.standard()));
        return starts;
    }

    private static Typeface asMeant(String text, Typeface typeface) {
        return fallenBack(text) ? regular(typeface) : typeface;
    }

    /** What a face of which nothing is said is meant in: weight 400 and width 100, or as near as the file comes. */
    private static Typeface regular(Typeface typeface) {
        java.util.Map<String, Float> regular = java.util.Map.of("wght", 400f, "wdth", 100f);
        FontVariationAxis[] axes = typeface.getVariationAxes();
        FontVariation[] variations = java.util.Arrays.stream(axes == null ? new FontVariationAxis[0] : axes)
                .filter(axis -> regular.containsKey(axis.getTag()))
                .map(axis -> new FontVariation(
                        axis.getTag(),
                        Math.max(axis.getMinValue(), Math.min(axis.getMaxValue(), regular.get(axis.getTag())))))
                .toArray(FontVariation[]::new);
        return variations.length == 0 ? typeface : typeface.makeClone(variations);
    }
}
