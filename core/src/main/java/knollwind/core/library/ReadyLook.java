package knollwind.core.library;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.dressing.DressKinds;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Check;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;

/**
 * A ready-made dress.
 *
 * @param name what it looks like, in plain words
 * @param sentence for words of {@value #EM} px
 */
public record ReadyLook(String name, ReadyMove.Feel feel, String sentence) {
    /** px of the type size that looks are written for. */
    public static final double EM = 160;

    /** Of 255: what is darker is shade, and has no colour of its own to be replaced. */
    private static final double DARK = 70;

    public ReadyLook {
        Check.text(name, 100, "the name of a look");
        Check.present(feel, "what a look feels like");
        Check.text(sentence, 1000, "the sentence of a look");
    }

    /**
     * Its dressings for words of another size: all that is measured in px grows along.
     *
     * @param em px of the type
     * @param colour in place of all that is not dark; null for its own
     */
    public List<Dressing> dressings(double em, String colour) {
        return DressSize.scaled(DressReader.read(sentence, List.of()), em / EM).stream()
                .map(own -> colour == null ? own : coloured(own, colour))
                .toList();
    }

    private static Dressing coloured(Dressing own, String colour) {
        Map<String, Value<String>> colours = new LinkedHashMap<>(own.colours());
        for (Word word : DressKinds.of(own).phrase().values()) {
            if (word instanceof Word.Tint tint && isLight(tint, own)) {
                colours.put(tint.name(), Value.of(colour));
            }
        }
        return own.withColours(colours);
    }

    private static boolean isLight(Word.Tint tint, Dressing own) {
        int argb = Colour.argb(own.colours()
                .getOrDefault(tint.name(), Value.of(tint.usual()))
                .literal()
                .orElse(tint.usual()));
        return Math.max(argb >> 16 & 255, Math.max(argb >> 8 & 255, argb & 255)) > DARK;
    }
}
