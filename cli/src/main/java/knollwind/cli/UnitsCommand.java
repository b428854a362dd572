package knollwind.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Setting;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.Fitting;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.SetText;
import knollwind.core.type.TextToSetBuilder;
import knollwind.core.type.Typesetter;
import knollwind.core.type.Unit;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Prints the units of set texts. */
@Command(
        name = "units",
        mixinStandardHelpOptions = true,
        description = "Set texts and print their units, one JSON object a line: text, line, word, advance box and ink "
                + "box in px, from the top left corner of the block.")
final class UnitsCommand implements Callable<Integer> {
    /** What is set: one text or a file of them. */
    static final class Source {
        @Option(names = "--text", required = true, description = "the text; \\uXXXX is understood")
        String text;

        @Option(names = "--texts", required = true, description = "file of texts, one a line; \\uXXXX is understood")
        Path texts;
    }

    @ArgGroup(multiplicity = "1")
    private Source source;

    @Option(names = "--family", defaultValue = "Archivo", description = "shipped family, ${DEFAULT-VALUE} if left out")
    private String family;

    @Option(
            names = "--setting",
            paramLabel = "FILE",
            description = "a setting as documents have it, in JSON; options that say the same are passed over")
    private Path setting;

    @Option(
            names = "--runs",
            paramLabel = "FILE",
            description = "styled runs of the text as documents have them, in JSON")
    private Path runs;

    @Option(names = "--size", description = "type size in px; needed without --setting")
    private Double size;

    @Option(names = "--width", description = "wrap at this width in px")
    private Double width;

    @Option(names = "--by", required = true, description = "character, word or line")
    private UnitKind by;

    @Option(names = "--axis", description = "axis value such as wght=800; may be given several times")
    private Map<String, Double> axes = new LinkedHashMap<>();

    @Option(names = "--language", defaultValue = "en-GB", description = "BCP 47 tag, ${DEFAULT-VALUE} if left out")
    private String language;

    @Option(
            names = "--tracking",
            defaultValue = "0",
            description = "thousandths of an em, ${DEFAULT-VALUE} if left out")
    private double tracking;

    @Option(
            names = "--leading",
            defaultValue = "1.2",
            description = "multiple of the size, ${DEFAULT-VALUE} if left out")
    private double leading;

    @Option(names = "--align", defaultValue = "start", description = "start, centre, end or justify")
    private Setting.Alignment alignment;

    @Option(names = "--direction", defaultValue = "auto", description = "auto, ltr or rtl")
    private Setting.Direction direction;

    @Option(names = "--case", defaultValue = "typed", description = "typed, upper, lower or small_caps")
    private Forms.Case letterCase;

    @Option(names = "--no-kerning", description = "letters stand by their advances alone")
    private boolean noKerning;

    @Option(names = "--feature", description = "OpenType feature such as tnum=1; may be given several times")
    private Map<String, Integer> features = new LinkedHashMap<>();

    @Option(names = "--lines", defaultValue = "filled", description = "filled, balanced or stacked")
    private Breaking breaking;

    @Option(
            names = "--fit",
            description = "width, lines or inside: the type follows --fit-width, and --fit-height inside")
    private Fit.Kind fit;

    @Option(names = "--fit-width", description = "px")
    private double fitWidth;

    @Option(names = "--fit-height", description = "px")
    private double fitHeight;

    @Option(names = "--least", defaultValue = "12", description = "smallest size inside a box, in px")
    private double least;

    @Mixin
    private FontFiles files;

    @Override
    public Integer call() throws Exception {
        FontLibrary fonts = files.library();
        Typesetter typesetter = new Typesetter(fonts);
        List<String> texts = source.text != null ? List.of(Texts.unescape(source.text)) : Texts.lines(source.texts);
        if (setting == null && size == null) {
            throw new IllegalArgumentException("say --size, or --setting with a file");
        }
        for (String text : texts) {
            if (setting != null) {
                Settings.set(text, setting, runs, typesetter).units(by).forEach(UnitsCommand::print);
                continue;
            }
            SetText set = typesetter.set(TextToSetBuilder.builder()
                    .text(text)
                    .runs(Settings.runs(runs))
                    .face(fonts.face(family, axes))
                    .size(size)
                    .tracking(tracking)
                    .leading(leading)
                    .column(width == null ? Double.NaN : width)
                    .alignment(alignment)
                    .direction(direction)
                    .language(language)
                    .ligatures(by != UnitKind.CHARACTER)
                    .forms(new Forms(letterCase, !noKerning, features))
                    .breaking(breaking)
                    .fitting(fitting())
                    .pairs(Double.NaN)
                    .build());
            set.units(by).forEach(UnitsCommand::print);
        }
        Texts.OUT.flush();
        return 0;
    }

    private Fitting fitting() {
        if (fit == null) {
            return null;
        }
        if (!(fitWidth > 0) || fit == Fit.Kind.INSIDE && !(fitHeight > 0)) {
            throw new IllegalArgumentException(
                    "a fit needs --fit-width above 0, and inside a box --fit-height above 0 too");
        }
        return new Fitting(fit, fitWidth, fitHeight, least, Fit.usual(fit));
    }

    private static void print(Unit unit) {
        Map<String, Object> result = new LinkedHashMap<>();
        result.put("text", unit.text());
        result.put("line", unit.line());
        result.put("word", unit.word());
        result.put("advance", box(unit.advance()));
        result.put("ink", unit.ink().isEmpty() ? null : box(unit.ink()));
        Texts.print(result);
    }

    private static Map<String, Object> box(Box box) {
        Map<String, Object> result = new LinkedHashMap<>();
        result.put("x", box.left());
        result.put("y", box.top());
        result.put("width", box.width());
        result.put("height", box.height());
        return result;
    }
}
