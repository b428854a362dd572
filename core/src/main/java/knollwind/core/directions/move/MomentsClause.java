package knollwind.core.directions.move;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;
import knollwind.core.scene.UnitKind;

/** Turns from outside: "as they are spoken", "landing one a beat", "one every 2 beats", "one a cue", "3 frames early". */
final class MomentsClause implements Clause {
    private static final String LANDING = "landing ";
    private static final String AS_LONG = "as long as its word";

    static String say(Move move) {
        Moments moments = move.pace().moments();
        StringBuilder text = new StringBuilder();
        if (moments.asLong()) {
            text.append(AS_LONG).append(", ");
        }
        text.append(moments.landing() ? LANDING : "").append(said(moments, move.unit()));
        if (moments.early() != 0) {
            text.append(", ")
                    .append(Say.frames(Math.abs(moments.early())))
                    .append(moments.early() > 0 ? " early" : " late");
        }
        return text.toString();
    }

    static String said(Moments moments, UnitKind unit) {
        return switch (moments.by()) {
            case WORDS -> unit == UnitKind.WHOLE ? "as it is spoken" : "as they are spoken";
            case BEATS -> moments.every() == 1 ? "one a beat" : "one every " + Say.number(moments.every()) + " beats";
            case CUES -> "one a cue";
        };
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        int start = words.position();
        if (draft.phase == PhaseKind.LEAVE) {
            if (words.phrase("as they are spoken") || words.phrase("as it is spoken")) {
                throw new DirectionException(
                        "what leaves goes in its own time; hang the block's end on a word instead", start, List.of());
            }
            return false;
        }
        if (words.phrase(AS_LONG) || words.phrase("as long as their words")) {
            draft.asLong = true;
            return true;
        }
        boolean landing = words.phrase(LANDING.strip());
        if (words.phrase("as they are spoken") || words.phrase("as it is spoken")) {
            draft.moments = Moments.By.WORDS;
        } else if (words.phrase("one a beat")) {
            draft.moments = Moments.By.BEATS;
        } else if (words.phrase("one a cue")) {
            draft.moments = Moments.By.CUES;
        } else if (words.phrase("one every")) {
            OptionalDouble beats = words.number();
            if (beats.isEmpty() || !(words.phrase("beats") || words.phrase("beat"))) {
                throw new DirectionException(
                        "say how many beats, such as one every 2 beats",
                        words.position(),
                        List.of("one every 2 beats"));
            }
            draft.moments = Moments.By.BEATS;
            draft.everyBeats = beats.getAsDouble();
        } else {
            words.back(start);
            return early(words, draft, start);
        }
        draft.landsOnMoments = landing;
        return true;
    }

    private static boolean early(Lexer words, MoveDraft draft, int start) {
        OptionalDouble frames = words.number();
        if (frames.isPresent()) {
            if (!words.phrase("frames")) {
                words.phrase("frame");
            }
            if (words.phrase("early")) {
                draft.early = frames.getAsDouble();
                return true;
            }
            if (words.phrase("late")) {
                draft.early = -frames.getAsDouble();
                return true;
            }
        }
        words.back(start);
        return false;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return phase == PhaseKind.LEAVE
                ? List.of()
                : List.of(
                        "as they are spoken",
                        "landing as they are spoken",
                        "one a beat",
                        "one every 2 beats",
                        "one a cue",
                        AS_LONG + ", as they are spoken",
                        "as they are spoken, 3 frames early",
                        "as they are spoken, 2 frames late");
    }
}
