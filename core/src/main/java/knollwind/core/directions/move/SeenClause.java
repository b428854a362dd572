package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;

/** Units that are seen before their turn in an arrive, or after it in a leave: "seen throughout". */
final class SeenClause implements Clause {
    static final String TEXT = "seen throughout";

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase(TEXT)) {
            return false;
        }
        draft.hidden = false;
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of(TEXT);
    }
}
