package knollwind.core.directions.move;

import java.util.Arrays;
import java.util.List;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Edge;

/** The edge that hides a unit on its way: "from behind the baseline", or in a leave "behind the baseline". */
final class EdgeClause implements Clause {
    static String say(Edge edge, PhaseKind phase) {
        return (phase == PhaseKind.ARRIVE ? "from behind " : "behind ") + edge.text();
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        for (Edge edge : Edge.values()) {
            if (words.phrase("from behind " + edge.text()) || words.phrase("behind " + edge.text())) {
                draft.reveal = edge;
                return true;
            }
        }
        return false;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return Arrays.stream(Edge.values()).map(edge -> say(edge, phase)).toList();
    }
}
