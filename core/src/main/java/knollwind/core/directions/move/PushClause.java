package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;

/** Letters that grow in weight or width and take the room they need: "pushing the others along". */
final class PushClause implements Clause {
    static final String TEXT = "pushing the others along";

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase(TEXT)) {
            return false;
        }
        draft.pushes = true;
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of(TEXT);
    }

    /** Whether places are held or pushed along. */
    static Control control(MoveContext context) {
        return Values.pair(
                "Places", "held", "pushed along", context.move().manner().pushes(), context.path() + "/pushes");
    }
}
