package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Only;

/** Which pieces move: "only characters 3 to 5". */
final class OnlyClause implements Clause {
    static String say(Only only) {
        return "only " + OnlyWords.say(only);
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase("only")) {
            return false;
        }
        draft.only = OnlyWords.read(words);
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of("only characters 1 to 3", "only every other word");
    }
}
