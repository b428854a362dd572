package knollwind.core.directions.scene;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Finish;

/** What lies over a whole scene: "The finish is grain of 20 % and a vignette of 30 %." */
public final class FinishWords {
    private static final String GRAIN = "grain of";
    private static final String VIGNETTE = "a vignette of";

    /** What is offered to begin with. */
    private static final double USUAL_GRAIN = 0.12;

    private static final double USUAL_VIGNETTE = 0.3;

    private FinishWords() {}

    /** @param at path of the finish in the document */
    public static void print(Sentence.Builder out, Finish finish, String at) {
        if (finish == null) {
            Control offers = new Control.Choice(
                    "Finish it with",
                    List.of(
                            new Control.Option("grain", false, List.of(Ops.set(at, new Finish(USUAL_GRAIN, 0)))),
                            new Control.Option(
                                    "a vignette", false, List.of(Ops.set(at, new Finish(0, USUAL_VIGNETTE))))));
            out.more(List.of(offers));
            return;
        }
        List<String> said = new ArrayList<>();
        if (finish.grain() > 0) {
            said.add(GRAIN + " " + Say.percent(finish.grain()));
        }
        if (finish.vignette() > 0) {
            said.add(VIGNETTE + " " + Say.percent(finish.vignette()));
        }
        List<Control> controls = List.of(
                Values.percent("grain", finish.grain(), 0, 100, at + "/grain"),
                Values.percent("vignette", finish.vignette(), 0, 100, at + "/vignette"),
                new Control.Choice(
                        "Finish",
                        List.of(
                                new Control.Option("seen", true, List.of()),
                                new Control.Option("plain", false, List.of(new Operation.Clear(at))))));
        out.plain(" The finish is ")
                .part(
                        said.isEmpty() ? "plain" : String.join(" and ", said),
                        new Part(
                                "finish",
                                controls,
                                "It lies over the whole scene, but for what is exported with alpha."))
                .plain(".");
    }

    /** The finish that is said here. The phrase "the finish is" has been read. */
    static Finish read(Lexer words) {
        if (words.phrase("plain")) {
            return null;
        }
        double grain = 0;
        double vignette = 0;
        boolean any = false;
        boolean more = true;
        while (more) {
            int here = words.position();
            if (any && !words.phrase("and")) {
                words.separators();
            }
            if (words.phrase(GRAIN)) {
                grain = share(words);
            } else if (words.phrase(VIGNETTE)) {
                vignette = share(words);
            } else {
                words.back(here);
                more = false;
            }
            any |= more;
        }
        if (!any) {
            throw DirectionException.missing(words, "plain, grain of 12 % or a vignette of 30 %");
        }
        return new Finish(grain, vignette);
    }

    private static double share(Lexer words) {
        return words.percent().orElseThrow(() -> DirectionException.missing(words, "a share such as 12 %"));
    }
}
