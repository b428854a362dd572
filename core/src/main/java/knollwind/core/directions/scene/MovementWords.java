package knollwind.core.directions.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.MotionBlur;

/** How movement is seen: "sharp", "blurred by a shutter of 180° in 8 samples". */
public final class MovementWords {
    private static final MotionBlur USUAL = new MotionBlur(180, 8);

    private MovementWords() {}

    /** @param at path of the blur in the document */
    public static void print(Sentence.Builder out, MotionBlur blur, String at) {
        List<Control> controls = new ArrayList<>();
        controls.add(Values.pair("Movement", "sharp", "blurred", blur != null, at, null, blur == null ? USUAL : blur));
        if (blur != null) {
            controls.add(Values.number("shutter", blur.shutter(), "\u00b0", 0, 720, 5, at + "/shutter", 1));
            controls.add(Values.number("samples", blur.samples(), "", 2, 64, 1, at + "/samples", 1));
        }
        String said = blur == null
                ? "sharp"
                : "blurred by a shutter of " + Say.number(blur.shutter()) + "\u00b0 in " + blur.samples() + " samples";
        out.part(
                said,
                new Part("movement", controls, "Blur is seen while the picture stands, and in what is exported."));
    }

    /** The blur that is said here. The phrase "blurred" has been read. */
    static MotionBlur read(Lexer words, MotionBlur now) {
        MotionBlur known = now == null ? USUAL : now;
        double shutter = known.shutter();
        if (words.phrase("by a shutter of")) {
            shutter = words.number().orElseThrow(() -> DirectionException.missing(words, "an angle such as 180\u00b0"));
            words.sign("\u00b0");
        }
        int samples = known.samples();
        int here = words.position();
        OptionalDouble number = words.phrase("in") ? words.number() : OptionalDouble.empty();
        if (number.isPresent() && words.phrase("samples")) {
            samples = (int) Math.rint(number.getAsDouble());
        } else {
            words.back(here);
        }
        return new MotionBlur(shutter, samples);
    }
}
