package knollwind.core.directions.move;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.scene.Only;
import knollwind.core.scene.UnitKind;

/** Which pieces are meant: "characters 3 to 5", "every other word", "every 3rd line from the 2nd". Counted from 1. */
public final class OnlyWords {
    private OnlyWords() {}

    public static String say(Only only) {
        if (only.every() == 1) {
            boolean one = only.to() == only.from() + 1;
            return one
                    ? one(only.of()) + " " + only.to()
                    : only.of().text() + " " + (only.from() + 1) + " to " + only.to();
        }
        return "every " + (only.every() == 2 ? "other" : nth(only.every())) + " " + one(only.of())
                + (only.first() == 0 ? "" : " from the " + nth(only.first() + 1));
    }

    /** "word" of words. */
    public static String one(UnitKind kind) {
        return kind.text().replaceFirst("s$", "");
    }

    static String nth(int number) {
        boolean teens = number % 100 / 10 == 1;
        return number
                + switch (teens ? 0 : number % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
    }

    /** @throws DirectionException where none are said */
    public static Only read(Lexer words) {
        if (words.phrase("every")) {
            int every = words.phrase("other") || words.phrase("second") ? 2 : ordinal(words);
            UnitKind of = kind(words);
            int first = words.phrase("from the") ? ordinal(words) : 1;
            if (every < 2 || of == null || first < 1 || first > every) {
                throw missing(words);
            }
            return Only.every(of, every, first - 1);
        }
        UnitKind of = kind(words);
        OptionalDouble from = words.number();
        OptionalDouble to = words.phrase("to") ? words.number() : from;
        if (of == null
                || from.isEmpty()
                || to.isEmpty()
                || from.getAsDouble() < 1
                || to.getAsDouble() < from.getAsDouble()) {
            throw missing(words);
        }
        return Only.stretch(of, (int) from.getAsDouble() - 1, (int) to.getAsDouble());
    }

    /** "3rd", or 0. */
    private static int ordinal(Lexer words) {
        return words.match("\\d{1,3}(?=st|nd|rd|th)")
                .map(digits -> {
                    words.match("st|nd|rd|th");
                    return Integer.parseInt(digits);
                })
                .orElse(0);
    }

    private static UnitKind kind(Lexer words) {
        for (UnitKind kind : List.of(UnitKind.CHARACTER, UnitKind.WORD, UnitKind.LINE)) {
            if (words.phrase(kind.text()) || words.phrase(one(kind))) {
                return kind;
            }
        }
        return null;
    }

    private static DirectionException missing(Lexer words) {
        return new DirectionException(
                "say which pieces are meant, counted from 1, such as characters 3 to 5 or every other word",
                words.position(),
                List.of("characters 3 to 5", "every other word"));
    }
}
