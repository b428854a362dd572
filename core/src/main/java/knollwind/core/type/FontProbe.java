package knollwind.core.type;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.Font;
import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.FontStyle;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.Typeface;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Face;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Setting;

/** Opens a stranger's font file all the way. */
final class FontProbe {
    /** Of all outlines of a face: what has more would take minutes to set. */
    private static final int MOST_POINTS = 5_000_000;

    /** Characters; longer names are cut, since lists cannot show them. */
    private static final int LONGEST_NAME = 80;

    private static final String SAMPLE =
            "Last boat home: 0123456789, fi fl ffi AVATAR T\u00f6\u00e9\u00df \u0645\u0631\u0641\u0623 "
                    + "\u05e0\u05de\u05dc \u092c\u0902\u0926\u0930 \u0e17\u0e48\u0e32 \u6e2f \u0393\u0414";

    private FontProbe() {}

    static List<OwnFont> read(byte[] content) {
        int faces = FontHeader.faces(content);
        String sha256 = FontFile.hash(content);
        List<OwnFont> fonts = new ArrayList<>();
        for (int i = 0; i < faces; i++) {
            try (Data data = Data.makeFromBytes(content);
                    Typeface typeface = FontMgr.getDefault().makeFromData(data, i)) {
                if (typeface == null) {
                    throw new IllegalArgumentException("the font file is damaged; it cannot be opened");
                }
                draw(typeface);
                OwnFont font = new OwnFont(name(typeface), i, typeface.isItalic(), sha256, content);
                shape(font);
                fonts.add(font);
            }
        }
        return fonts;
    }

    /** Draws every glyph: what is broken shows now, not in the middle of someone's work. */
    private static void draw(Typeface typeface) {
        int glyphs = typeface.getGlyphsCount();
        if (glyphs < 1 || typeface.getUnitsPerEm() < 16) {
            throw new IllegalArgumentException("the font file has no glyphs");
        }
        long points = 0;
        boolean any = false;
        try (Font font = LineShaper.font(typeface, 100)) {
            for (int glyph = 0; glyph < glyphs; glyph++) {
                try (Path path = font.getPath((short) glyph)) {
                    int count = path == null ? 0 : path.getPointsCount();
                    points += count;
                    any |= count > 0;
                }
                if (points > MOST_POINTS) {
                    throw new IllegalArgumentException("the font file's outlines are too large");
                }
            }
        }
        if (!any) {
            throw new IllegalArgumentException("the font file has no outlines that can be drawn");
        }
    }

    /** Reads what the application will read of it, and sets words at both ends of every axis. */
    private static void shape(OwnFont font) {
        FontFile file = new FontFile(font);
        try {
            Map<String, Double> low = new HashMap<>();
            Map<String, Double> high = new HashMap<>();
            for (FontAxis axis : file.axes()) {
                low.put(axis.tag(), (double) axis.least());
                high.put(axis.tag(), (double) axis.most());
            }
            Map<String, Integer> features = new HashMap<>();
            file.features().forEach(tag -> features.put(tag, 1));
            FontLibrary library = new FontLibrary();
            String family = library.add(font);
            Typesetter typesetter = new Typesetter(library);
            for (Map<String, Double> axes : List.of(low, high)) {
                for (Map<String, Integer> switched : List.of(Map.<String, Integer>of(), features)) {
                    typesetter.set(TextToSetBuilder.builder()
                            .text(SAMPLE)
                            .runs(List.of())
                            .face(new Face(family, "normal", axes, ""))
                            .size(100)
                            .leading(1.2)
                            .column(900)
                            .alignment(Setting.Alignment.START)
                            .direction(Setting.Direction.AUTO)
                            .language("en-GB")
                            .ligatures(true)
                            .forms(new Forms(Forms.Case.TYPED, true, switched))
                            .breaking(Breaking.FILLED)
                            .pairs(Double.NaN)
                            .build());
                }
            }
        } catch (IndexOutOfBoundsException | IllegalArgumentException | IllegalStateException e) {
            throw new IllegalArgumentException("the font file is damaged: words cannot be set in it", e);
        }
    }

    /** Family and style as the file names them ("name" table, ids 16 and 17, else 1 and 2); a plain style goes unsaid. */
    private static String name(Typeface typeface) {
        String family = entry(typeface, 16, entry(typeface, 1, typeface.getFamilyName()));
        boolean variable = typeface.getVariationAxes() != null && typeface.getVariationAxes().length > 0;
        String style = variable ? "" : entry(typeface, 17, entry(typeface, 2, style(typeface.getFontStyle())));
        String name = style.isBlank() || style.equalsIgnoreCase("Regular") ? family : family + " " + style;
        String plain = name.replaceAll("[\\p{Cntrl}'\"\\\\<>]", " ")
                .replaceAll("\\s+", " ")
                .strip();
        if (plain.isEmpty()) {
            throw new IllegalArgumentException("the font file has no name");
        }
        return plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME).strip() : plain;
    }

    private static String style(FontStyle style) {
        return (style.getWeight() >= 600 ? "Bold" : "Regular");
    }

    /** An English name record of the Windows platform, or else the other text. */
    private static String entry(Typeface typeface, int id, String otherwise) {
        try (Data table = typeface.getTableData("name")) {
            if (table == null) {
                return otherwise;
            }
            ByteBuffer in = ByteBuffer.wrap(table.getBytes());
            int storage = in.getShort(4) & 0xFFFF;
            for (int i = 0; i < (in.getShort(2) & 0xFFFF); i++) {
                int record = 6 + 12 * i;
                if (in.getShort(record) == 3 && in.getShort(record + 4) == 0x409 && in.getShort(record + 6) == id) {
                    byte[] text = new byte[in.getShort(record + 8) & 0xFFFF];
                    in.get(storage + (in.getShort(record + 10) & 0xFFFF), text);
                    return new String(text, StandardCharsets.UTF_16BE);
                }
            }
        } catch (IndexOutOfBoundsException e) {
            throw new IllegalArgumentException("the font file's names are damaged", e);
        }
        return otherwise;
    }
}
