package knollwind.core.library;

import java.util.ArrayList;
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
        List<Dressing> dressings = new ArrayList<>();
        for (Dressing own : DressReader.read(sentence, List.of())) {
            Map<String, Value<Double>> numbers = new LinkedHashMap<>(own.numbers());
            Map<String, Value<String>> colours = new LinkedHashMap<>(own.colours());
            for (Word word : DressKinds.of(own).phrase().values()) {
                if (word instanceof Word.Amount amount && amount.unit() == Word.Unit.PX) {
                    numbers.put(amount.name(), Value.of(scaled(amount, own, em / EM)));
                } else if (word instanceof Word.Tint tint && colour != null && isLight(tint, own)) {
                    colours.put(tint.name(), Value.of(colour));
                }
            }
            dressings.add(own.withNumbers(numbers).withColours(colours));
        }
        return dressings;
    }

    private static double scaled(Word.Amount amount, Dressing own, double by) {
        double value = own.numbers()
                .getOrDefault(amount.name(), Value.of(amount.usual()))
                .literal()
                .orElse(amount.usual());
        double scaled = value * by;
        // As people type it: whole where that is fine enough.
        double grain = Math.abs(scaled) < 5 ? 10 : 1;
        return Math.max(amount.least(), Math.min(amount.most(), Math.rint(scaled * grain) / grain));
    }

    private static boolean isLight(Word.Tint tint, Dressing own) {
        int argb = Colour.argb(own.colours()
                .getOrDefault(tint.name(), Value.of(tint.usual()))
                .literal()
                .orElse(tint.usual()));
        return Math.max(argb >> 16 & 255, Math.max(argb >> 8 & 255, argb & 255)) > DARK;
    }
}
