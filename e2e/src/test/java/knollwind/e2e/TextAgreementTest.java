package knollwind.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Face;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Setting;
import knollwind.core.type.FontAxis;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.TextToSetBuilder;
import knollwind.core.type.Typesetter;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the browser's own text engine measures for the same face, size and width. */
class TextAgreementTest {
    private static final FontLibrary FONTS = new FontLibrary();
    private static final Typesetter TYPESETTER = new Typesetter(FONTS);
    private static final double SIZE = 60;
    private static final List<String> LINES = List.of(
            "LAST BOAT HOME",
            "AVATAR Wolke, Tofu Type",
            "fjord office fluffy",
            "Ines Tarrow, skipper 0123",
            "na\u00efve caf\u00e9 \u00c5ngstr\u00f6m");
    private static final String LONG =
            "The last boat home leaves at eleven. Bring a coat, the deck is windy. The lamp on "
                    + "pier two will guide you - Moorhen, Little Auk and Grey Seal cross all night.";

    private static Page page;

    @BeforeAll
    static void open() {
        page = Application.get().demo().open("").page();
    }

    @AfterAll
    static void close() {
        page.close();
    }

    static List<String> families() {
        return FONTS.families().stream().map(FontFamily::name).toList();
    }

    @ParameterizedTest
    @MethodSource("families")
    void lines_are_as_wide_and_break_as_in_the_browser(String name) {
        FontFamily family = FONTS.families().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
        Face face = face(family);
        String variations = css(face);
        for (String line : LINES) {
            SetText set = set(face, line, Double.NaN);
            assertThat(set.lines().get(0).advance()).as(line).isCloseTo(measured(name, variations, line), within(0.5));
        }
        SetText column = set(face, LONG, 900);
        List<String> broken = column.lines().stream()
                .map(line -> LONG.substring(line.from(), line.to()).strip())
                .toList();
        assertThat(broken).isEqualTo(brokenByBrowser(name, variations));
        for (SetLine line : column.lines()) {
            String text = LONG.substring(line.from(), line.to()).strip();
            assertThat(line.advance()).as(text).isCloseTo(measured(name, variations, text), within(0.5));
        }
    }

    /** Every axis said, so that neither side chooses one by itself. */
    private static Face face(FontFamily family) {
        Map<String, Double> axes = new TreeMap<>();
        for (FontAxis axis : family.axes()) {
            axes.put(axis.tag(), (double) axis.standard());
        }
        return new Face(family.name(), "normal", axes, family.sha256());
    }

    private static String css(Face face) {
        StringBuilder css = new StringBuilder();
        face.axes()
                .forEach((tag, value) -> css.append(css.isEmpty() ? "" : ", ")
                        .append("'")
                        .append(tag)
                        .append("' ")
                        .append(value));
        return css.isEmpty() ? "normal" : css.toString();
    }

    private static SetText set(Face face, String text, double column) {
        return TYPESETTER.set(TextToSetBuilder.builder()
                .text(text)
                .runs(List.of())
                .face(face)
                .size(SIZE)
                .leading(1.2)
                .column(column)
                .alignment(Setting.Alignment.START)
                .direction(Setting.Direction.AUTO)
                .language("en-GB")
                .ligatures(true)
                .forms(Forms.PLAIN)
                .breaking(Breaking.FILLED)
                .pairs(Double.NaN)
                .build());
    }

    /** Through an element, because a canvas cannot be told a face's axes. */
    private static final String ELEMENT =
            "const e = document.createElement('div'); e.lang = 'en-GB'; e.style.cssText = `position:absolute;left:0;top:0;"
                    + "font:${size}px '${family}', 'Adobe Blank';font-variation-settings:${axes};font-optical-sizing:none;"
                    + "font-synthesis:none;text-rendering:geometricPrecision;white-space:${space};width:${width}`;"
                    + " e.textContent = text; document.body.append(e);"
                    + " await document.fonts.load(`${size}px '${family}'`, text); await document.fonts.ready;";

    private static double measured(String family, String axes, String text) {
        return ((Number) page.evaluate(
                        "async ([family, axes, text, size]) => { const space = 'pre', width = 'max-content'; " + ELEMENT
                                + " const w = e.getBoundingClientRect().width; e.remove(); return w; }",
                        List.of(family, axes, text, SIZE)))
                .doubleValue();
    }

    @SuppressWarnings("unchecked")
    private static List<String> brokenByBrowser(String family, String axes) {
        return (List<String>) page.evaluate(
                "async ([family, axes, text, size]) => { const space = 'normal', width = '900px'; " + ELEMENT
                        + " const lines = []; let top = null; const node = e.firstChild; const range = document.createRange();"
                        + " for (let i = 0; i < text.length; i++) { range.setStart(node, i); range.setEnd(node, i + 1);"
                        + " const box = range.getClientRects()[0]; if (!box || (box.width === 0 && text[i] === ' ')) { if (lines.length) lines[lines.length - 1] += text[i]; continue; }"
                        + " if (top === null || Math.abs(box.top - top) > 10) { lines.push(''); top = box.top; }"
                        + " lines[lines.length - 1] += text[i]; }"
                        + " e.remove(); return lines.map(line => line.trim()); }",
                List.of(family, axes, LONG, SIZE));
    }
}
