package knollwind.core.directions.dress;

import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;

/** What a dressing says for the words of its kind: its own values, and usual ones where it has none. */
record DressValues(Dressing own) {
    Value<Double> value(Word.Amount amount) {
        return own.numbers().getOrDefault(amount.name(), Value.of(amount.usual()));
    }

    Value<String> colour(Word.Tint tint) {
        return own.colours().getOrDefault(tint.name(), Value.of(tint.usual()));
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
            return !Optional.of(tint.usual()).equals(colour(tint).literal());
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

    static String text(Word.Amount amount, double value) {
        Word.Unit unit = amount.unit();
        return switch (unit) {
            case SHARE -> Say.percent(value);
            case DEGREES -> Say.number(value) + unit.text();
            case COUNT -> Say.number(value);
            default -> Say.number(value) + " " + unit.text();
        };
    }

    /** @param at path of the number in the document */
    static Control number(Word.Amount amount, double now, String at) {
        double factor = amount.unit().factor();
        return Values.number(
                amount.label(),
                shown(amount, now),
                amount.unit().text(),
                amount.least() / factor,
                amount.most() / factor,
                amount.step(),
                at,
                factor);
    }
}
