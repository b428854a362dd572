package knollwind.core.directions.move;

import java.util.List;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;

/** A clause of a move's sentence: how it is read, and what can be typed to begin it. */
interface Clause {
    /** Reads the clause if it begins here; otherwise leaves the words where they are and returns false. */
    boolean read(Lexer words, MoveDraft draft);

    /** Phrases with good first values, offered as completions. */
    List<String> openings(PhaseKind phase);
}
