package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import knollwind.core.scene.Dressing;
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
            copies *= kind.copies(new Worn(any, value -> value.literal().orElseThrow()));
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
        return new Dressing(id, kind.name(), numbers, colours, choices, null, random.nextInt(5) == 0 ? true : null);
    }
}
