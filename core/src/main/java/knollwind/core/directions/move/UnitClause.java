package knollwind.core.directions.move;

import java.util.Arrays;
import java.util.List;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.UnitKind;

/** Which pieces: "characters", "words", "lines", "the whole". */
final class UnitClause implements Clause {
    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (draft.unit != null) {
            return false;
        }
        for (UnitKind kind : UnitKind.values()) {
            if (words.phrase(kind.text())) {
                draft.unit = kind;
                return true;
            }
        }
        return false;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return Arrays.stream(UnitKind.values()).map(UnitKind::text).toList();
    }
}
