package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Setting;

/**
 * Fits in words: "fitted to 60 % of the frame", "every line 60 % of the frame wide", "inside 60 % of the frame by 300 px,
 * from 24 px".
 */
final class FitWords {
    private static final Length WIDE = new Length(60, Length.Unit.FRAME);
    private static final Length HIGH = new Length(30, Length.Unit.FRAME);

    private FitWords() {}

    static void print(Sentence.Builder out, Setting setting, String at) {
        Fit fit = setting.fit();
        if (fit == null) {
            return;
        }
        String width = Say.length(fit.width().value(), fit.width().unit());
        List<Control> controls = new ArrayList<>();
        controls.add(number("width", fit.width(), at + "/fit/width/value"));
        String text = switch (fit.kind()) {
            case WIDTH -> "fitted to " + width;
            case LINES -> "every line " + width + " wide";
            case INSIDE -> {
                controls.add(number("height", fit.height(), at + "/fit/height/value"));
                controls.add(new Control.Number(
                        "from", fit.least(), "px", 1, 400, 1, false, List.of(Edit.shown(at + "/fit/least", 1))));
                yield "inside " + width + " by "
                        + Say.length(fit.height().value(), fit.height().unit()) + " from " + Say.number(fit.least())
                        + " px";
            }
        };
        controls.add(choice(setting, at));
        controls.add(BreakingWords.choice(setting, at));
        out.plain(", ").part(text, new Part("fit", controls, ""));
    }

    private static Control number(String label, Length length, String at) {
        boolean frame = length.unit() == Length.Unit.FRAME;
        return new Control.Number(
                label,
                length.value(),
                length.unit().text(),
                1,
                frame ? 100 : 4000,
                1,
                false,
                List.of(Edit.shown(at, 1)));
    }

    /** What the size follows: itself, or a width or box that the words have to fit. */
    static Control choice(Setting setting, String at) {
        Fit now = setting.fit();
        Length width = now == null ? WIDE : now.width();
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "stays",
                now == null,
                now == null ? List.of() : List.of(new knollwind.core.document.Operation.Clear(at + "/fit"))));
        options.add(option("fits a width", new Fit(Fit.Kind.WIDTH, width, null, null), now, at));
        options.add(option("makes lines equally wide", new Fit(Fit.Kind.LINES, width, null, null), now, at));
        options.add(option(
                "shrinks into a box",
                now != null && now.kind() == Fit.Kind.INSIDE ? now : new Fit(Fit.Kind.INSIDE, width, HIGH, null),
                now,
                at));
        return new Control.Choice("Size", options);
    }

    private static Control.Option option(String label, Fit fit, Fit now, String at) {
        return new Control.Option(label, now != null && now.kind() == fit.kind(), List.of(Ops.set(at + "/fit", fit)));
    }

    /** The fit that is said here; nothing when none is. */
    static Optional<Fit> read(Lexer words) {
        int start = words.position();
        if (words.phrase("fitted to")) {
            return Optional.of(new Fit(Fit.Kind.WIDTH, length(words), null, null));
        }
        if (words.phrase("every line")) {
            Length width = length(words);
            words.phrase("wide");
            return Optional.of(new Fit(Fit.Kind.LINES, width, null, null));
        }
        if (words.phrase("inside")) {
            Length width = length(words);
            if (!words.phrase("by")) {
                throw new DirectionException(
                        "the height is missing here, such as \"by 300 px\"", words.position(), List.of("by 300 px"));
            }
            Length height = length(words);
            Double least = null;
            if (words.phrase("from")) {
                least = words.number()
                        .orElseThrow(() -> new DirectionException(
                                "the least size is missing here, such as \"from 24 px\"",
                                words.position(),
                                List.of("24 px")));
                words.phrase("px");
            }
            return Optional.of(new Fit(Fit.Kind.INSIDE, width, height, least));
        }
        words.back(start);
        return Optional.empty();
    }

    private static Length length(Lexer words) {
        return words.length()
                .orElseThrow(() -> new DirectionException(
                        "a width such as 60 % of the frame is missing here",
                        words.position(), List.of("60 % of the frame")));
    }
}
