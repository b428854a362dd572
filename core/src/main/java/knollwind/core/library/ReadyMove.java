package knollwind.core.library;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.motion.Mirror;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Check;
import knollwind.core.scene.Move;

/**
 * A ready-made way to come and go, or something to do meanwhile. A way in serves as a way out, seen backwards.
 *
 * @param name what it does, in plain words
 * @param arriving sentences of an arrive; empty for a dwell
 * @param dwelling sentences of a dwell; empty for a way in and out
 */
public record ReadyMove(String name, Feel feel, List<String> arriving, List<String> dwelling) {
    /** What it feels like. */
    public enum Feel {
        @JsonProperty("quiet")
        QUIET,
        @JsonProperty("crisp")
        CRISP,
        @JsonProperty("playful")
        PLAYFUL,
        @JsonProperty("heavy")
        HEAVY,
        @JsonProperty("technical")
        TECHNICAL,
        @JsonProperty("hand-made")
        HAND_MADE
    }

    public ReadyMove {
        Check.text(name, 100, "the name of a move");
        Check.present(feel, "what a move feels like");
        arriving = Check.list(arriving);
        dwelling = Check.list(dwelling);
        if (arriving.isEmpty() == dwelling.isEmpty()) {
            throw new IllegalArgumentException("'" + name + "' is either a way in and out or a dwell");
        }
    }

    /** The phases that it can be used in. */
    public List<PhaseKind> phases() {
        return arriving.isEmpty() ? List.of(PhaseKind.DWELL) : List.of(PhaseKind.ARRIVE, PhaseKind.LEAVE);
    }

    /** Its moves for a phase; none where it cannot be used. */
    public List<Move> moves(PhaseKind phase) {
        boolean dwells = phase == PhaseKind.DWELL;
        List<Move> moves = new ArrayList<>();
        for (String sentence : dwells ? dwelling : arriving) {
            String id = "m" + (moves.size() + 1);
            Move move = MoveReader.read(sentence, dwells ? PhaseKind.DWELL : PhaseKind.ARRIVE, null)
                    .withId(id);
            moves.add(phase == PhaseKind.LEAVE ? Mirror.of(move, id) : move);
        }
        return moves;
    }

    /** Its sentences as they are said in a phase. */
    public List<String> sentences(PhaseKind phase) {
        return moves(phase).stream().map(move -> MovePrinter.text(move, phase)).toList();
    }
}
