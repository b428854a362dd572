package knollwind.core.directions.move;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PaceRule;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Move;
import knollwind.core.scene.Pace;
import knollwind.core.scene.UnitKind;

/** How fast: "12 frames each", "3 apart", "45 in all", "in 15 frames" for the whole. */
final class PaceClause implements Clause {
    private static final String WHOLE_TIME = "in its whole time";

    static String say(Move move) {
        Pace pace = move.pace();
        if (pace.moments() != null) {
            return called(move);
        }
        StringBuilder text = new StringBuilder(pace.whole() ? inWholeTime(move) : numbers(move));
        if (pace.meet() != Pace.Meet.APART) {
            text.append(pace.meet() == Pace.Meet.LANDING ? ", landing together" : ", starting together");
        }
        if (!pace.spread().equals("linear")) {
            text.append(", spread by ").append(pace.spread());
        }
        if (pace.human() != null) {
            text.append(", in a human rhythm from seed ").append(pace.human());
        }
        if (pace.times() > 1) {
            text.append(", ").append(pace.times()).append(" times over");
        }
        return text.toString().replaceFirst("^, ", "");
    }

    /** Bars that come at moments from outside; gaps count among the characters of a word. */
    private static String called(Move move) {
        Pace pace = move.pace();
        StringBuilder text = new StringBuilder();
        if (!pace.moments().asLong()) {
            text.append(Say.frames(PaceRule.of(pace, 1).each())).append(" each, ");
        }
        if (pace.held() != Pace.Held.EACH_IN_ALL && pace.apart() > 0) {
            text.append(Say.frames(pace.apart())).append(" apart, ");
        }
        text.append(MomentsClause.say(move));
        if (pace.times() > 1) {
            text.append(", ").append(pace.times()).append(" times over");
        }
        return text.toString();
    }

    /** The numbers of a bar that fills what it has would say nothing. */
    private static String inWholeTime(Move move) {
        Pace pace = move.pace();
        boolean usual = move.unit() == UnitKind.WHOLE
                && pace.held() == Pace.Held.EACH_IN_ALL
                && pace.each() == MoveDraft.USUAL_EACH;
        String own = switch (pace.held()) {
            case EACH_APART -> Say.frames(pace.each()) + " each, " + Say.number(pace.apart()) + " apart, ";
            case EACH_IN_ALL -> usual ? "" : Say.frames(pace.each()) + " each, ";
            case APART_IN_ALL -> Say.frames(pace.apart()) + " apart, ";
        };
        return own + WHOLE_TIME;
    }

    private static String numbers(Move move) {
        Pace pace = move.pace();
        Cycle cycle = move.cycle();
        boolean apartOnly = cycle != null
                && cycle.form() != Cycle.Form.PASS
                && !cycle.glides()
                && pace.held() == Pace.Held.EACH_APART
                && pace.each() == MoveDraft.USUAL_EACH;
        if (apartOnly) {
            return pace.apart() == 0 ? "" : Say.number(pace.apart()) + " apart";
        }
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
    public boolean read(Lexer words, MoveDraft draft) {
        if (words.phrase("landing together")) {
            draft.meet = Pace.Meet.LANDING;
            return true;
        }
        if (words.phrase("starting together")) {
            draft.meet = Pace.Meet.STARTING;
            return true;
        }
        if (words.phrase("in a human rhythm")) {
            draft.human = words.phrase("from seed") ? (long) words.number().orElse(1) : 1L;
            return true;
        }
        if (draft.phase != PhaseKind.DWELL
                && (words.phrase(WHOLE_TIME) || words.phrase(WHOLE_TIME.replace("its", "their")))) {
            draft.whole = true;
            return true;
        }
        int start = words.position();
        if (words.phrase("spread by")) {
            draft.spread = EasingClause.function(words, start);
            return true;
        }
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
        if (words.sign("%")) {
            if (words.phrase("overlap")) {
                draft.overlap = number.getAsDouble() / 100;
                return true;
            }
            words.back(start);
            return false;
        }
        if (words.phrase("times over")) {
            draft.times = (int) number.getAsDouble();
            return true;
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
        return List.of(
                "12 frames each",
                "3 apart",
                "45 in all",
                "in 15 frames",
                phase == PhaseKind.DWELL ? "2 apart" : WHOLE_TIME,
                "landing together",
                "starting together",
                "spread by ease-out",
                "50 % overlap",
                "in a human rhythm from seed 1",
                "2 times over");
    }
}
