package knollwind.core.library;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.dressing.DressKinds;
import knollwind.core.dressing.Phrase;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;

/** Dressings for type of another size: all that is measured in px grows along, also over time. */
final class DressSize {
    private DressSize() {}

    /** @param by what sizes are multiplied by; above 0 */
    static List<Dressing> scaled(List<Dressing> dressings, double by) {
        return by == 1
                ? dressings
                : dressings.stream().map(one -> scaled(one, by)).toList();
    }

    private static Dressing scaled(Dressing own, double by) {
        Map<String, Value<Double>> numbers = new LinkedHashMap<>(own.numbers());
        Map<String, Drive> drives = new LinkedHashMap<>(own.drives());
        for (Word word : DressKinds.of(own).phrase().groups().stream()
                .filter(group -> isSaid(group, own))
                .flatMap(group -> group.words().stream())
                .toList()) {
            if (word instanceof Word.Amount amount && amount.unit() == Word.Unit.PX) {
                Value<Double> value = numbers.getOrDefault(amount.name(), Value.of(amount.usual()));
                numbers.put(amount.name(), scaled(amount, value, by));
                drives.computeIfPresent(amount.name(), (name, drive) -> scaled(amount, drive, by));
            }
        }
        return own.withNumbers(numbers).withDrives(drives);
    }

    /** Of dashes of nothing there is nothing to scale: their gaps stay as nobody said them. */
    private static boolean isSaid(Phrase.Group group, Dressing own) {
        List<Word.Amount> amounts = group.words().stream()
                .filter(Word.Amount.class::isInstance)
                .map(Word.Amount.class::cast)
                .toList();
        return group.always()
                || amounts.isEmpty()
                || amounts.get(0).usual() != 0
                || amounts.stream().anyMatch(amount -> own.numbers().containsKey(amount.name()));
    }

    private static Value<Double> scaled(Word.Amount amount, Value<Double> value, double by) {
        return value.match(
                literal -> Value.of(scaled(amount, literal, by)),
                field -> value,
                keys -> new Value.Track<>(keys.stream()
                        .map(key -> new TrackKey<>(
                                key.id(), key.anchor(), key.at(), scaled(amount, key.value(), by), key.easing()))
                        .toList()));
    }

    private static Drive scaled(Word.Amount amount, Drive drive, double by) {
        return new Drive(scaled(amount, drive.value(), by), drive.towards(), drive.by(), drive.loudness());
    }

    private static double scaled(Word.Amount amount, double value, double by) {
        double scaled = value * by;
        // As people type it: whole where that is fine enough.
        double grain = Math.abs(scaled) < 5 ? 10 : 1;
        return Math.max(amount.least(), Math.min(amount.most(), Math.rint(scaled * grain) / grain));
    }
}
