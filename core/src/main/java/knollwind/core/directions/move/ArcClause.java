package knollwind.core.directions.move;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;

/** Offsets that do not go straight: "on an arc of 30 %", the bulge as a share of the way; below 0 to its right. */
final class ArcClause implements Clause {
    static String say(double arc) {
        return "on an arc of " + Say.percent(arc);
    }

    static Part part(MoveContext context) {
        double shown = Say.shownPercent(context.move().manner().arc());
        Control bulge = Values.number("bulge", shown, "%", -200, 200, 1, context.path() + "/arc", 0.01);
        return new Part("arc", List.of(bulge), "");
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase("on an arc")) {
            return false;
        }
        words.phrase("of");
        OptionalDouble bulge = words.percent();
        draft.arc = bulge.orElse(0.3);
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of("on an arc of 30 %");
    }
}
