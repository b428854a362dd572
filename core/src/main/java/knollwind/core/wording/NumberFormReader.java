package knollwind.core.wording;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import knollwind.core.directions.grammar.Lexer;

/** Reads how a number is written: <i>with 2 decimals, grouped, in EUR, as written in de</i>. */
final class NumberFormReader {
    private static final int MOST_DECIMALS = 9;

    private final Lexer words;
    private final Supplier<Optional<String>> quoted;

    /** @param quoted reads words in quotation marks, if they stand next */
    NumberFormReader(Lexer words, Supplier<Optional<String>> quoted) {
        this.words = words;
        this.quoted = quoted;
    }

    /** How a number is written: options in any order, set off by commas where that reads better. */
    NumberForm read() {
        NumberForm form = NumberForm.PLAIN;
        while (true) {
            int start = words.position();
            words.sign(",");
            Optional<NumberForm> more = more(form);
            if (more.isEmpty()) {
                words.back(start);
                return form;
            }
            form = more.get();
        }
    }

    private Optional<NumberForm> more(NumberForm form) {
        int start = words.position();
        if (words.phrase("grouped")) {
            return Optional.of(form.withGrouped(true));
        }
        if (words.phrase("with its sign")) {
            return Optional.of(form.withSigned(true));
        }
        if (words.phrase("with")) {
            OptionalDouble decimals = words.number();
            if (decimals.isPresent() && (words.phrase("decimals") || words.phrase("decimal"))) {
                return Optional.of(
                        form.withDecimals((int) Math.max(0, Math.min(MOST_DECIMALS, decimals.getAsDouble()))));
            }
        }
        words.back(start);
        // Codes of currencies are written in capitals; in small letters such a word is another one.
        Optional<String> currency = words.match("in [A-Z]{3}\\b").filter(one -> one.matches("in [A-Z]{3}"));
        if (currency.isPresent()) {
            return Optional.of(form.withCurrency(currency.get().substring(3)));
        }
        words.back(start);
        if (words.phrase("in")) {
            Optional<String> unit = quoted.get();
            if (unit.isPresent()) {
                return Optional.of(form.withUnit("\u00a0" + unit.get()));
            }
        }
        words.back(start);
        return language().map(form::withLocale);
    }

    /** In which it is written; nothing where that is not said. */
    Optional<String> language() {
        int start = words.position();
        if (words.phrase("as written in")) {
            Optional<String> tag = words.match("[a-z]{2,3}(-[a-z0-9]{2,8})*");
            if (tag.isPresent()) {
                return tag;
            }
        }
        words.back(start);
        return Optional.empty();
    }
}
