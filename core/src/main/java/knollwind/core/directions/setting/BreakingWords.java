package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Setting;

/** How lines break and are parted, in words: "balanced lines", "one word a line", "in pairs 40 px apart". */
final class BreakingWords {
    private BreakingWords() {}

    static String say(Breaking breaking) {
        return switch (breaking) {
            case FILLED -> "filled lines";
            case BALANCED -> "balanced lines";
            case STACKED -> "one word a line";
        };
    }

    /** Filled lines are the rule and go unsaid. */
    static void print(Sentence.Builder out, Setting setting, String at) {
        if (setting.breaking() != Breaking.FILLED) {
            out.plain(", ").part(say(setting.breaking()), new Part("breaking", List.of(choice(setting, at)), ""));
        }
        Length pairs = setting.pairs();
        if (pairs != null) {
            Control gap = Values.number("apart", pairs.value(), pairs.unit().text(), 0, 600, 1, at + "/pairs/value", 1);
            out.plain(", ")
                    .part(
                            "in pairs " + Say.length(pairs.value(), pairs.unit()) + " apart",
                            new Part(
                                    "pairs",
                                    List.of(gap, pairs(setting, at)),
                                    "A tab in the words parts a line; the Tab key types one."));
        }
    }

    /** Whether tabs part lines into two columns. */
    static Control pairs(Setting setting, String at) {
        boolean paired = setting.pairs() != null;
        return new Control.Choice(
                "Tabs",
                List.of(
                        new Control.Option(
                                "are spaces",
                                !paired,
                                paired ? List.of(new Operation.Clear(at + "/pairs")) : List.of()),
                        new Control.Option(
                                "part lines into pairs",
                                paired,
                                paired ? List.of() : List.of(Ops.set(at + "/pairs", Length.px(40))))));
    }

    /** What lies between pairs, as said here; empty when nothing is. */
    static Optional<Length> readPairs(Lexer words) {
        if (!words.phrase("in pairs")) {
            return Optional.empty();
        }
        Length gap = words.length()
                .orElseThrow(() ->
                        new DirectionException("a length is missing here", words.position(), List.of("40 px apart")));
        words.phrase("apart");
        return Optional.of(gap);
    }

    /** Only lines that wrap can be balanced. */
    static Control choice(Setting setting, String at) {
        boolean wraps =
                setting.fit() == null ? setting.column() != null : setting.fit().kind() == Fit.Kind.INSIDE;
        List<Control.Option> options = new ArrayList<>();
        for (Breaking one : Breaking.values()) {
            if (one != Breaking.BALANCED || wraps || setting.breaking() == one) {
                options.add(option(one, setting, at));
            }
        }
        return new Control.Choice("Lines", options);
    }

    static Control.Option option(Breaking breaking, Setting setting, String at) {
        return new Control.Option(
                say(breaking), breaking == setting.breaking(), List.of(Ops.set(at + "/breaking", breaking)));
    }

    /** The breaking named here, or null. */
    static Breaking read(Lexer words) {
        for (Breaking one : Breaking.values()) {
            if (words.phrase(say(one))) {
                return one;
            }
        }
        return null;
    }
}
