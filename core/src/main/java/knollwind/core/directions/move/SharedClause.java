package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.document.Operation;
import knollwind.core.motion.PhaseKind;

/** A move that others of the project follow, and that follows them: "shared as “pier letters”". */
final class SharedClause implements Clause {
    static String say(String name) {
        return "shared as \u201c" + name + "\u201d";
    }

    static Part part(MoveContext context) {
        Control detach = new Control.Choice(
                "This move",
                List.of(new Control.Option(
                        "goes its own way from here",
                        false,
                        List.of(new Operation.Clear(context.path() + "/shared")))));
        return new Part("shared", List.of(detach), "What is changed here changes in all moves of this name.");
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase("shared as")) {
            return false;
        }
        draft.shared = words.match("[\u201c\"][^\u201d\"]+[\u201d\"]")
                .map(name -> name.substring(1, name.length() - 1))
                .orElseThrow(() -> new DirectionException(
                        "the name of the shared move is missing, in quotation marks", words.position(), List.of()));
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of();
    }
}
