package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.PivotWords;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Pivot;

/** About which point units turn and scale: "about the baseline left". */
final class PivotClause implements Clause {
    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        int start = words.position();
        if (!words.phrase("about the") && !words.phrase("about")) {
            return false;
        }
        Pivot pivot = PivotWords.read(words);
        if (pivot == null) {
            words.back(start);
            return false;
        }
        draft.pivot = pivot;
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return PivotWords.all(Pivot.Box.METRIC).stream()
                .map(pivot -> "about the " + PivotWords.say(pivot))
                .toList();
    }
}
