package knollwind.core.directions.move;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;

/** How long the first unit waits: "after 6 frames". */
final class WaitClause implements Clause {
    static String say(double frames) {
        return "after " + Say.frames(frames);
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        int start = words.position();
        if (!words.phrase("after")) {
            return false;
        }
        OptionalDouble frames = words.number();
        if (frames.isEmpty()) {
            words.back(start);
            return false;
        }
        if (!words.phrase("frames")) {
            words.phrase("frame");
        }
        draft.after = frames.getAsDouble();
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of("after 6 frames");
    }
}
