package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;

/** A move that does nothing for now: "muted". */
final class MutedClause implements Clause {
    static final String TEXT = "muted";

    static Part part(MoveContext context) {
        Control control = Values.pair("This move", "acts", "is muted", true, context.path() + "/muted");
        return new Part("muted", List.of(control), "");
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase(TEXT)) {
            return false;
        }
        draft.muted = true;
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of(TEXT);
    }
}
