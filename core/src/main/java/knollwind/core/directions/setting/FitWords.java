package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextBlock;

/**
 * Fits in words: "fitted to 60 % of the frame", "every line 60 % of the frame wide", "inside 60 % of the frame by 300 px
 * from 24 px by its ink".
 */
final class FitWords {
    private static final Length WIDE = new Length(60, Length.Unit.FRAME);
    private static final Length HIGH = new Length(30, Length.Unit.FRAME);

    private FitWords() {}

    /** @param path of the block */
    static void print(Sentence.Builder out, TextBlock block, String path, Standing moved) {
        String at = path + "/setting";
        Setting setting = block.setting();
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
        controls.add(BoxWords.choice(block, path, moved));
        controls.add(choice(block, path, moved));
        controls.add(BreakingWords.choice(setting, at));
        String by = fit.box() == null ? "" : " by its " + said(fit.box());
        out.plain(", ").part(text + by, new Part("fit", controls, ""));
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
    static Control choice(TextBlock block, String path, Standing moved) {
        Fit now = block.setting().fit();
        Length width = now == null ? WIDE : now.width();
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "none", now == null, now == null ? List.of() : List.of(new Operation.Clear(path + "/setting/fit"))));
        Map<String, Fit> fits = new LinkedHashMap<>();
        fits.put("fits a width", new Fit(Fit.Kind.WIDTH, width, null, null));
        fits.put("makes lines equally wide", new Fit(Fit.Kind.LINES, width, null, null));
        fits.put("shrinks into a box", new Fit(Fit.Kind.INSIDE, width, HIGH, null));
        fits.forEach((label, fit) -> {
            boolean same = now != null && now.kind() == fit.kind();
            options.add(new Control.Option(label, same, same ? List.of() : BoxWords.fitted(block, fit, path, moved)));
        });
        return new Control.Choice("Fit", options);
    }

    private static String said(Pivot.Box box) {
        return box == Pivot.Box.INK ? "ink" : "type";
    }

    /** The fit that is said here; nothing when none is. */
    static Optional<Fit> read(Lexer words) {
        return kind(words).map(fit -> {
            int here = words.position();
            words.separators();
            for (Pivot.Box box : Pivot.Box.values()) {
                if (words.phrase("by its " + said(box))) {
                    return fit.by(box);
                }
            }
            words.back(here);
            return fit;
        });
    }

    private static Optional<Fit> kind(Lexer words) {
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
