package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;

/** Squash and stretch: "keeping their area", what is lost along one side is won along the other. */
final class AreaClause implements Clause {
    static String say(boolean singular) {
        return singular ? "keeping its area" : "keeping their area";
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase(say(true)) && !words.phrase(say(false))) {
            return false;
        }
        draft.keepsArea = true;
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of(say(false));
    }
}
