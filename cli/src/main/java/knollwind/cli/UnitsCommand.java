package knollwind.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.scene.Setting;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.Box;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.SetText;
import knollwind.core.type.Typesetter;
import knollwind.core.type.Unit;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
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

    @Option(names = "--size", required = true, description = "type size in px")
    private double size;

    @Option(names = "--width", description = "wrap at this width in px")
    private Double width;

    @Option(names = "--by", required = true, description = "character, word or line")
    private UnitKind by;

    @Option(names = "--axis", description = "axis value such as wght=800; may be given several times")
    private Map<String, Double> axes = new LinkedHashMap<>();

    @Option(names = "--language", defaultValue = "en-GB", description = "BCP 47 tag, ${DEFAULT-VALUE} if left out")
    private String language;

    @Override
    public Integer call() throws Exception {
        FontLibrary fonts = new FontLibrary();
        Typesetter typesetter = new Typesetter(fonts);
        List<String> texts = source.text != null ? List.of(Texts.unescape(source.text)) : Texts.lines(source.texts);
        for (String text : texts) {
            SetText set = typesetter.set(new Typesetter.Copy(
                    text,
                    List.of(),
                    fonts.face(family, axes),
                    size,
                    0,
                    1.2,
                    width == null ? Double.NaN : width,
                    Setting.Alignment.START,
                    Setting.Direction.AUTO,
                    language,
                    by != UnitKind.CHARACTER));
            set.units(by).forEach(UnitsCommand::print);
        }
        Texts.OUT.flush();
        return 0;
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
