package knollwind.core.directions.dress;

import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.directions.grammar.Say;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;

/** What a dressing says for the words of its kind: its own values, and usual ones where it has none. */
record DressValues(Dressing own) {
    Value<Double> value(Word.Amount amount) {
        return own.numbers().getOrDefault(amount.name(), Value.of(amount.usual()));
    }

    String colour(Word.Tint tint) {
        return Stream.ofNullable(own.colours().get(tint.name()))
                .flatMap(value -> value.literal().stream())
                .findFirst()
                .orElse(tint.usual());
    }

    String picked(Word.Pick pick) {
        return own.choices().getOrDefault(pick.name(), pick.options().get(0));
    }

    /** Whether a value is other than is usual. */
    boolean says(Word word) {
        if (word instanceof Word.Amount amount) {
            return !Optional.of(amount.usual()).equals(value(amount).literal());
        }
        if (word instanceof Word.Tint tint) {
            return !colour(tint).equals(tint.usual());
        }
        if (word instanceof Word.Other) {
            return own.block() != null;
        }
        return word instanceof Word.Pick pick
                && !picked(pick).equals(pick.options().get(0));
    }

    /** A number in the unit that it is said in. */
    static double shown(Word.Amount amount, double value) {
        return amount.unit() == Word.Unit.SHARE
                ? Say.shownPercent(value)
                : value / amount.unit().factor();
    }
}
