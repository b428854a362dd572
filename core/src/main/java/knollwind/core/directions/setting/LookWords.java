package knollwind.core.directions.setting;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Outlined;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Shade;

/** What letters have around and behind them: "outlined 3 px in #f0b64a", "over a soft copy of 8 px in #0b1a26 at 60 %". */
final class LookWords {
    private static final Outlined USUAL_LINE = new Outlined(3, "#f4ead2", null);
    private static final Shade USUAL_SHADE = new Shade("#0b1a26", 10, 0.8);

    private LookWords() {}

    static void print(Sentence.Builder out, Setting setting, String at) {
        Outlined line = setting.line();
        if (line != null) {
            List<Control> controls = List.of(
                    lines(line, at + "/line"),
                    Values.number("width", line.width(), "px", 0.5, 40, 0.5, at + "/line/width", 1),
                    new Control.Tint("Colour", line.colour(), at + "/line/colour"));
            out.plain(", ")
                    .part(
                            (line.only() == null ? "" : "only ") + "outlined " + Say.number(line.width()) + " px in "
                                    + line.colour(),
                            new Part("line", controls, ""));
        }
        Shade shade = setting.shade();
        if (shade != null) {
            List<Control> controls = List.of(
                    shades(shade, at + "/shade"),
                    Values.number("soft", shade.soft(), "px", 0, 60, 1, at + "/shade/soft", 1),
                    Values.percent("strength", shade.strength(), 0, 100, at + "/shade/strength"),
                    new Control.Tint("Colour", shade.colour(), at + "/shade/colour"));
            out.plain(", ")
                    .part(
                            "over a soft copy of " + Say.number(shade.soft()) + " px in " + shade.colour() + " at "
                                    + Say.percent(shade.strength()),
                            new Part("shade", controls, ""));
        }
    }

    /** What could be said of it. */
    static List<Control> unsaid(Setting setting, String at) {
        return List.of(
                lines(setting.line(), at + "/line"),
                shades(setting.shade(), at + "/shade"),
                Values.number(
                        "word spacing",
                        setting.wordSpacing() == null ? 0 : setting.wordSpacing(),
                        "",
                        -200,
                        1000,
                        1,
                        at + "/wordSpacing",
                        1));
    }

    private static Control lines(Outlined now, String at) {
        Outlined line = now == null ? USUAL_LINE : now;
        return new Control.Choice(
                "Outline",
                List.of(
                        new Control.Option(
                                "none", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))),
                        new Control.Option(
                                "around them",
                                now != null && now.only() == null,
                                List.of(Ops.set(at, new Outlined(line.width(), line.colour(), null)))),
                        new Control.Option(
                                "nothing else",
                                now != null && now.only() != null,
                                List.of(Ops.set(at, new Outlined(line.width(), line.colour(), true))))));
    }

    private static Control shades(Shade now, String at) {
        return new Control.Choice(
                "Soft copy",
                List.of(
                        new Control.Option(
                                "none", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))),
                        new Control.Option(
                                "behind them",
                                now != null,
                                now != null ? List.of() : List.of(Ops.set(at, USUAL_SHADE)))));
    }

    /** @throws DirectionException where a line begins and does not say all of it */
    static Optional<Outlined> readLine(Lexer words) {
        boolean only = words.phrase("only outlined");
        if (!only && !words.phrase("outlined")) {
            return Optional.empty();
        }
        OptionalDouble width = words.number();
        if (width.isEmpty() || !words.phrase("px")) {
            throw DirectionException.missing(words, "a width such as 3 px");
        }
        String colour = words.phrase("in") ? colour(words) : USUAL_LINE.colour();
        return Optional.of(new Outlined(width.getAsDouble(), colour, only ? true : null));
    }

    /** @throws DirectionException where a copy begins and does not say all of it */
    static Optional<Shade> readShade(Lexer words) {
        if (!words.phrase("over a soft copy")) {
            return Optional.empty();
        }
        double soft = USUAL_SHADE.soft();
        if (words.phrase("of")) {
            OptionalDouble px = words.number();
            if (px.isEmpty() || !words.phrase("px")) {
                throw DirectionException.missing(words, "how soft it is, such as 8 px");
            }
            soft = px.getAsDouble();
        }
        String colour = words.phrase("in") ? colour(words) : USUAL_SHADE.colour();
        double strength = USUAL_SHADE.strength();
        if (words.phrase("at")) {
            strength = words.percent()
                    .orElseThrow(() -> DirectionException.missing(words, "how strong it is, such as 60 %"));
        }
        return Optional.of(new Shade(colour, soft, strength));
    }

    private static String colour(Lexer words) {
        return words.match("#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?")
                .map(String::toLowerCase)
                .orElseThrow(() -> DirectionException.missing(words, "a colour such as #f0b64a"));
    }
}
