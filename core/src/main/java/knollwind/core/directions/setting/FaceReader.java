package knollwind.core.directions.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import knollwind.core.directions.grammar.AxisNames;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.scene.Face;
import knollwind.core.type.FontAxis;
import knollwind.core.type.FontFamily;

/** Reads which face words are set in: "set in Archivo italic width 112 weight 800". */
final class FaceReader {
    private FaceReader() {}

    /**
     * The face after "set in", or after "in" where that names a family; nothing, and nothing passed over, where none is said.
     *
     * @param now the face that is there, whose name is read also where its family is gone
     * @throws DirectionException for a family that is not known
     */
    static Optional<Face> read(Lexer words, Face now, List<FontFamily> families) {
        int start = words.position();
        boolean said = words.phrase("set in");
        if (!said && !words.phrase("in")) {
            return Optional.empty();
        }
        int here = words.position();
        FontFamily named = null;
        for (FontFamily family : families) {
            words.back(here);
            if (words.phrase(family.name())
                    && (named == null || family.name().length() > named.name().length())) {
                named = family;
            }
        }
        words.back(here);
        if (named != null) {
            words.phrase(named.name());
            String style = words.phrase("italic") ? "italic" : "normal";
            return Optional.of(new Face(named.name(), style, axes(words, named), named.sha256()));
        }
        if (said && words.phrase(SettingPrinter.face(now))) {
            return Optional.of(now);
        }
        words.back(start);
        if (!said) {
            return Optional.empty();
        }
        throw new DirectionException(
                "this family is not known",
                here,
                families.stream().map(FontFamily::name).toList());
    }

    private static Map<String, Double> axes(Lexer words, FontFamily family) {
        Map<String, Double> axes = new TreeMap<>();
        while (true) {
            int start = words.position();
            String tag = null;
            for (FontAxis axis : family.axes()) {
                if (tag == null && words.phrase(AxisNames.of(axis.tag()))) {
                    tag = axis.tag();
                }
            }
            if (tag == null) {
                return axes;
            }
            OptionalDouble value = words.number();
            if (value.isEmpty()) {
                words.back(start);
                return axes;
            }
            axes.put(tag, value.getAsDouble());
        }
    }
}
