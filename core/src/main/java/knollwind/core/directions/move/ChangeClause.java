package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.Length;
import knollwind.core.scene.Property;

/** What changes: "rise 0.6 em", "fade in", "turn from -30°", "scale keyed […]"; nothing: "appear" or "vanish". */
final class ChangeClause implements Clause {
    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        int start = words.position();
        if (words.phrase("appear")
                || words.phrase("appears")
                || words.phrase("vanish")
                || words.phrase("vanishes")
                || words.phrase("stay")
                || words.phrase("stays")) {
            return true;
        }
        if (KeyedWords.read(words, draft)) {
            return true;
        }
        for (Property property : Property.values()) {
            ChangeWords.Verbs verbs = ChangeWords.verbs(draft.phase, property);
            for (boolean above : new boolean[] {true, false}) {
                String verb = above ? verbs.above() : verbs.below();
                if (!words.phrase(verb) && !words.phrase(ChangeWords.inflect(verb, true))) {
                    continue;
                }
                if (draft.changes(property)) {
                    throw new DirectionException(
                            "the " + ChangeWords.name(property) + " is said twice", start, List.of());
                }
                if (amount(words, draft, property, verbs, above)) {
                    return true;
                }
                words.back(start);
            }
        }
        return false;
    }

    private static boolean amount(
            Lexer words, MoveDraft draft, Property property, ChangeWords.Verbs verbs, boolean above) {
        int start = words.position();
        boolean linked = verbs.link().isEmpty() || words.phrase(verbs.link());
        if (ChangeWords.plainAtZero(property) && (!linked || words.percent().isEmpty())) {
            words.back(start);
            add(draft, property, 0, null);
            return true;
        }
        words.back(start);
        if (!verbs.link().isEmpty()) {
            words.phrase(verbs.link());
        }
        switch (property.measure()) {
            case LENGTH -> {
                Optional<Length> length = words.length();
                if (length.isEmpty()) {
                    throw new DirectionException(
                            "say how far, such as 0.6 em", words.position(), List.of("0.6 em", "60 px"));
                }
                double sign = property.unsigned() || above ? 1 : -1;
                draft.add(
                        property,
                        length.get().unit(),
                        straight(sign * length.get().value() + 0.0, property.rest()),
                        property.coloured() ? colour(words) : null);
            }
            case FACTOR -> {
                OptionalDouble percent = words.percent();
                if (percent.isEmpty()) {
                    throw new DirectionException(
                            "say how much, such as 0 % or 160 %", words.position(), List.of("0 %", "160 %"));
                }
                add(draft, property, percent.getAsDouble(), null);
            }
            case COLOUR -> {
                double weight = words.percent().orElse(1);
                draft.add(property, null, straight(weight, 0), colour(words));
            }
            default -> {
                OptionalDouble number = words.number();
                if (number.isEmpty()) {
                    throw new DirectionException("say how much, such as 30", words.position(), List.of("30"));
                }
                words.sign("\u00b0");
                add(draft, property, number.getAsDouble(), null);
            }
        }
        if (!verbs.tail().isEmpty()) {
            words.phrase(verbs.tail());
        }
        return true;
    }

    private static String colour(Lexer words) {
        return words.match("#[0-9a-f]{6}")
                .orElseThrow(() -> new DirectionException(
                        "say which colour, such as #f0b64a", words.position(), List.of("#f0b64a")))
                .toLowerCase(Locale.ROOT);
    }

    private static void add(MoveDraft draft, Property property, double away, Length.Unit unit) {
        draft.add(property, unit, straight(away, property.rest()), null);
    }

    private static List<ChannelKey> straight(double away, double rest) {
        return List.of(new ChannelKey("k0", 0, away, "linear"), new ChannelKey("k1", 1, rest, "linear"));
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        List<String> openings = new ArrayList<>();
        boolean arrive = phase == PhaseKind.ARRIVE;
        openings.addAll(
                arrive
                        ? List.of(
                                "rise 0.6 em",
                                "drop 0.6 em",
                                "slide right 1 em",
                                "slide left 1 em",
                                "fade in",
                                "wipe in",
                                "grow from 0 %",
                                "shrink from 160 %",
                                "turn from -30\u00b0",
                                "sharpen from 0.2 em of blur",
                                "streak in from 0.4 em",
                                "smear in from 0.4 em",
                                "step up 0.3 em",
                                "step down 0.3 em",
                                "close up from 200 of tracking",
                                "open up from -50 of tracking",
                                "widen from 0 %",
                                "narrow from 200 %",
                                "stretch up from 0 %",
                                "flatten from 200 %",
                                "come forward 3 em",
                                "draw back 3 em",
                                "tip from -90\u00b0",
                                "swing from 90\u00b0",
                                "lean from 20\u00b0",
                                "draw in",
                                "write in",
                                "thicken from -300 of weight",
                                "expand from -30 of width",
                                "outline from 0.06 em #f0b64a",
                                "colour from #f0b64a",
                                "appear")
                        : List.of(
                                "sink 0.6 em",
                                "lift 0.6 em",
                                "slide right 1 em",
                                "slide left 1 em",
                                "fade out",
                                "wipe out",
                                "shrink to 0 %",
                                "grow to 160 %",
                                "turn to 30\u00b0",
                                "blur to 0.2 em",
                                "streak out to 0.4 em",
                                "smear out to 0.4 em",
                                "step up 0.3 em",
                                "step down 0.3 em",
                                "open up to 200 of tracking",
                                "close up to -50 of tracking",
                                "narrow to 0 %",
                                "widen to 200 %",
                                "flatten to 0 %",
                                "stretch up to 200 %",
                                "draw back 3 em",
                                "come forward 3 em",
                                "tip to 90\u00b0",
                                "swing to -90\u00b0",
                                "lean to 20\u00b0",
                                "draw out",
                                "write out",
                                "thin to -300 of weight",
                                "condense to -30 of width",
                                "outline to 0.06 em #f0b64a",
                                "colour to #f0b64a",
                                "vanish"));
        return openings;
    }
}
