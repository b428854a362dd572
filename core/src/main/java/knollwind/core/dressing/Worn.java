package knollwind.core.dressing;

import java.util.HashMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;

/** The values of a dressing at a time: those that it has, bounded by what its kind allows, and the usual ones for the rest. */
public final class Worn {
    private final Dressing dressing;
    private final Map<String, Double> numbers = new HashMap<>();

    /** @param at what a number is at that time */
    public Worn(Dressing dressing, ToDoubleFunction<Value<Double>> at) {
        this.dressing = dressing;
        dressing.numbers().forEach((name, value) -> numbers.put(name, at.applyAsDouble(value)));
    }

    double get(Word.Amount amount) {
        double value = numbers.getOrDefault(amount.name(), amount.usual());
        double inside = Math.max(amount.least(), Math.min(amount.most(), value));
        return amount.whole() ? Math.rint(inside) : inside;
    }

    /** 0xAARRGGBB. */
    int colour(Word.Tint tint) {
        Value<String> own = dressing.colours().get(tint.name());
        return Colour.argb(own == null ? tint.usual() : own.literal().orElse(tint.usual()));
    }

    String pick(Word.Pick pick) {
        String own = dressing.choices().get(pick.name());
        return own != null && pick.options().contains(own) ? own : pick.usual();
    }
}
