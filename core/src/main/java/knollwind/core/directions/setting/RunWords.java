package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Face;
import knollwind.core.scene.Run;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextBlock;
import knollwind.core.type.FontFamily;

/** Prints how a styled stretch of a block's words differs from the rest: "“BOAT” in #c8472f, at 120 %, raised 0.1 em." */
public final class RunWords {
    /** Characters of the styled words that are quoted, to know them by. */
    private static final int LONGEST = 24;

    private static final List<String> LANGUAGES =
            List.of("en-GB", "en-US", "da", "de", "fr", "el", "ru", "ar", "he", "hi", "th", "ja");

    private RunWords() {}

    public static List<Sentence> print(TextBlock block, String path, List<FontFamily> families) {
        List<Sentence> sentences = new ArrayList<>();
        for (Run run : block.runs()) {
            sentences.add(print(block, run, path + "/runs/" + run.id(), families));
        }
        return sentences;
    }

    private static Sentence print(TextBlock block, Run run, String at, List<FontFamily> families) {
        Sentence.Builder out = new Sentence.Builder();
        out.plain(said(block.text().substring(run.from(), run.to())) + " ");
        Face face = run.face() == null ? block.setting().face() : run.face();
        List<Control> faces = new ArrayList<>(FaceControls.of(face, at + "/face", families, run.face() == null));
        if (run.face() != null) {
            faces.add(back("Face", at + "/face"));
        }
        out.part(
                run.face() == null ? "in the same face" : "in " + SettingPrinter.face(run.face()),
                new Part("face", faces, ""));
        double scale = run.scale() == null ? 1 : run.scale();
        out.plain(", at ")
                .part(
                        Say.percent(scale),
                        new Part(
                                "size",
                                List.of(Values.number(
                                        "size", Say.shownPercent(scale), "%", 5, 500, 1, at + "/scale", 0.01)),
                                ""));
        double shift = run.shift() == null ? 0 : run.shift();
        out.plain(", ")
                .part(
                        shift == 0
                                ? "on the baseline"
                                : (shift > 0 ? "raised " : "lowered ") + Say.number(Math.abs(shift)) + " em",
                        new Part(
                                "baseline",
                                List.of(Values.number("raised", shift, "em", -5, 5, 0.05, at + "/shift", 1)),
                                ""));
        List<Control> colours = new ArrayList<>();
        colours.add(new Control.Tint("Colour", run.colour() == null ? "#f4ead2" : run.colour(), at + "/colour"));
        if (run.colour() != null) {
            colours.add(back("Colour", at + "/colour"));
        }
        out.plain(", ")
                .part(
                        run.colour() == null ? "in the same colour" : "in " + run.colour(),
                        new Part("colour", colours, ""));
        out.plain(", ").part(language(run), new Part("language", languages(run, at), ""));
        return out.plain(".").build(at);
    }

    private static String said(String text) {
        String plain = text.replaceAll("\\s+", " ");
        return "\u201c"
                + (plain.codePointCount(0, plain.length()) > LONGEST
                        ? plain.substring(0, plain.offsetByCodePoints(0, LONGEST)) + "\u2026"
                        : plain)
                + "\u201d";
    }

    private static String language(Run run) {
        String language = run.language() == null ? "in the same language" : "language " + run.language();
        return run.direction() == null || run.direction() == Setting.Direction.AUTO
                ? language
                : language + ", from " + (run.direction() == Setting.Direction.RTL ? "right to left" : "left to right");
    }

    private static List<Control> languages(Run run, String at) {
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "the same",
                run.language() == null,
                run.language() == null ? List.of() : List.of(new Operation.Clear(at + "/language"))));
        for (String language : LANGUAGES) {
            options.add(new Control.Option(
                    language, language.equals(run.language()), List.of(Ops.set(at + "/language", language))));
        }
        Setting.Direction now = run.direction() == null ? Setting.Direction.AUTO : run.direction();
        List<Control.Option> directions = new ArrayList<>();
        for (Setting.Direction one : Setting.Direction.values()) {
            String label = switch (one) {
                case AUTO -> "by its letters";
                case LTR -> "left to right";
                case RTL -> "right to left";
            };
            directions.add(new Control.Option(label, one == now, List.of(Ops.set(at + "/direction", one))));
        }
        return List.of(new Control.Choice("Language", options), new Control.Choice("Runs", directions));
    }

    /** Goes back to what the rest of the block has. */
    private static Control back(String label, String at) {
        return new Control.Choice(
                label + " is",
                List.of(
                        new Control.Option("its own", true, List.of()),
                        new Control.Option("as the rest", false, List.of(new Operation.Clear(at)))));
    }
}
