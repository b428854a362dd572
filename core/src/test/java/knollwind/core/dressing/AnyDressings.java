package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.Only;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;

/** Dressings of any kind with any values. */
public final class AnyDressings {
    private AnyDressings() {}

    /** None to three. */
    public static List<Dressing> few(Random random) {
        List<Dressing> few = new ArrayList<>();
        double copies = 1;
        for (int i = random.nextInt(4); i > 0; i--) {
            DressKind kind = DressKinds.ALL.get(random.nextInt(DressKinds.ALL.size()));
            Dressing any = any("d" + i, kind, random);
            copies *= kind.copies(new Worn(
                    any.withDrives(Map.of()),
                    value -> value.literal().orElseThrow(),
                    value -> value.literal().orElseThrow(),
                    drive -> 1));
            if (copies <= DressKinds.MOST_COPIES) {
                few.add(any);
            }
        }
        return few;
    }

    /** Some values are not said. */
    public static Dressing any(String id, DressKind kind, Random random) {
        Map<String, Value<Double>> numbers = new HashMap<>();
        Map<String, Value<String>> colours = new HashMap<>();
        Map<String, String> choices = new HashMap<>();
        for (Word word : kind.phrase().values()) {
            if (random.nextInt(4) == 0) {
                continue;
            }
            if (word instanceof Word.Amount amount) {
                double value = amount.least() + random.nextDouble() * (amount.most() - amount.least());
                double grain = amount.whole() ? 1 : 100;
                numbers.put(amount.name(), Value.of(Math.rint(value * grain) / grain));
            } else if (word instanceof Word.Tint tint) {
                colours.put(tint.name(), Value.of(String.format("#%06x", random.nextInt(1 << 24))));
            } else if (word instanceof Word.Pick pick) {
                choices.put(
                        pick.name(),
                        pick.options().get(random.nextInt(pick.options().size())));
            }
        }
        return new Dressing(
                id,
                kind.name(),
                numbers,
                colours,
                choices,
                null,
                random.nextInt(5) == 0 ? true : null,
                drives(kind, random),
                kind.isOnAll() || random.nextInt(3) > 0 ? null : only(random),
                kind.isOnAll() || random.nextInt(4) > 0 ? null : UnitKind.values()[random.nextInt(3)],
                kind.canStand() && random.nextInt(3) == 0 ? true : null);
    }

    private static Only only(Random random) {
        UnitKind of = random.nextBoolean() ? UnitKind.WORD : UnitKind.CHARACTER;
        int from = random.nextInt(4);
        return random.nextBoolean()
                ? Only.every(of, 2 + random.nextInt(3), random.nextInt(2))
                : Only.stretch(of, from, from + 1 + random.nextInt(3));
    }

    /** At most one; copies go by nothing, so that there are not too many. */
    private static Map<String, Drive> drives(DressKind kind, Random random) {
        List<Word.Amount> amounts = kind.phrase().values().stream()
                .filter(Word.Amount.class::isInstance)
                .map(Word.Amount.class::cast)
                .filter(amount -> !amount.whole())
                .toList();
        if (amounts.isEmpty() || random.nextInt(2) == 0) {
            return Map.of();
        }
        Word.Amount amount = amounts.get(random.nextInt(amounts.size()));
        double value = Math.rint((amount.least() + random.nextDouble() * (amount.most() - amount.least())) * 100) / 100;
        Drive.By by = Drive.By.values()[random.nextInt(4)];
        return Map.of(amount.name(), new Drive(value, random.nextBoolean() ? true : null, by, null));
    }
}
