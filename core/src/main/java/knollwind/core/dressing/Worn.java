package knollwind.core.dressing;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.Value;

/** The values of a dressing at a time: those that it has, bounded by what its kind allows, and the usual ones for the rest. */
public final class Worn {
    private final Dressing dressing;
    private final Map<String, Double> numbers = new HashMap<>();

    private final Function<Value<String>, String> tint;
    private final ToDoubleFunction<Drive> level;

    /**
     * @param at what a number is at that time
     * @param tint what a colour is at that time
     * @param level how far what numbers go by has happened then, 0 to 1
     */
    public Worn(
            Dressing dressing,
            ToDoubleFunction<Value<Double>> at,
            Function<Value<String>, String> tint,
            ToDoubleFunction<Drive> level) {
        this.tint = tint;
        this.level = level;
        this.dressing = dressing;
        dressing.numbers().forEach((name, value) -> numbers.put(name, at.applyAsDouble(value)));
    }

    /** Where only what does not change over time is asked for: what does is as its kind usually is. */
    public static Worn asKept(Dressing dressing) {
        Map<String, Value<Double>> still = new HashMap<>(dressing.numbers());
        still.values().removeIf(value -> value.literal().isEmpty());
        Dressing kept = dressing.withNumbers(still).withColours(Map.of()).withDrives(Map.of());
        return new Worn(kept, value -> value.literal().orElseThrow(), value -> "", drive -> 1);
    }

    double get(Word.Amount amount) {
        double value = numbers.getOrDefault(amount.name(), amount.usual());
        Drive drive = dressing.drives().get(amount.name());
        value = drive == null ? value : drive.at(value, level.applyAsDouble(drive));
        double inside = Math.max(amount.least(), Math.min(amount.most(), value));
        return amount.whole() ? Math.rint(inside) : inside;
    }

    /** Whether any of them is not the same at all times. */
    boolean changes(List<Word.Amount> amounts) {
        return amounts.stream()
                .map(Word.Amount::name)
                .anyMatch(name -> dressing.drives().containsKey(name)
                        || dressing.numbers().containsKey(name)
                                && dressing.numbers()
                                        .get(name)
                                        .keys()
                                        .filter(keys -> keys.size() > 1)
                                        .isPresent());
    }

    /** 0xAARRGGBB. */
    int colour(Word.Tint word) {
        Value<String> own = dressing.colours().get(word.name());
        return Colour.argb(own == null ? word.usual() : tint.apply(own));
    }

    String pick(Word.Pick pick) {
        String own = dressing.choices().get(pick.name());
        return own != null && pick.options().contains(own) ? own : pick.usual();
    }
}
