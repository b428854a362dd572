package knollwind.core.directions;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Move;
import knollwind.core.scene.Pace;
import knollwind.core.scene.UnitKind;

/** How fast: "12 frames each", "3 apart", "45 in all", "in 15 frames" for the whole. */
final class PaceClause implements Clause {
    static String say(Move move) {
        Pace pace = move.pace();
        return switch (pace.held()) {
            case EACH_APART ->
                move.unit() == UnitKind.WHOLE && pace.apart() == 0
                        ? "in " + Say.frames(pace.each())
                        : Say.frames(pace.each()) + " each, " + Say.number(pace.apart()) + " apart";
            case EACH_IN_ALL -> Say.frames(pace.each()) + " each, " + Say.number(pace.inAll()) + " in all";
            case APART_IN_ALL -> Say.frames(pace.apart()) + " apart, " + Say.number(pace.inAll()) + " in all";
        };
    }

    @Override
    public boolean read(Words words, MoveDraft draft) {
        int start = words.position();
        if (words.phrase("in")) {
            OptionalDouble frames = words.number();
            if (frames.isPresent() && (words.phrase("frames") || words.phrase("frame"))) {
                draft.each = frames.getAsDouble();
                return true;
            }
            words.back(start);
        }
        OptionalDouble number = words.number();
        if (number.isEmpty()) {
            return false;
        }
        if (!words.phrase("frames")) {
            words.phrase("frame");
        }
        if (words.phrase("each")) {
            draft.each = number.getAsDouble();
        } else if (words.phrase("apart")) {
            draft.apart = number.getAsDouble();
        } else if (words.phrase("in all")) {
            draft.inAll = number.getAsDouble();
        } else {
            words.back(start);
            return false;
        }
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of("12 frames each", "3 apart", "45 in all", "in 15 frames");
    }
}
