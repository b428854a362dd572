package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Channel;
import knollwind.core.scene.OwnWay;

/** Pieces that go their own way: "except character 3: turn from 720°, 4 frames later, springing". Places count from 1. */
final class OwnClause implements Clause {
    private static final ChangeClause CHANGES = new ChangeClause();
    private static final EasingClause EASINGS = new EasingClause();
    private static final String LIKE_OTHERS = "like the others";

    /**
     * @param said the characters themselves, in quotation marks, or nothing
     */
    static String say(OwnWay way, PhaseKind phase, String said) {
        List<String> clauses = new ArrayList<>();
        for (Channel channel : way.channels()) {
            clauses.add(ChangeWords.say(channel, phase, false));
        }
        if (way.times() != null) {
            clauses.add(way.times() + " times over");
        }
        if (way.easing() != null) {
            clauses.add(EasingClause.say(way.easing()));
        }
        if (way.shift() != 0) {
            clauses.add(Say.frames(Math.abs(way.shift())) + (way.shift() > 0 ? " later" : " earlier"));
        }
        String place = way.to() == way.from() + 1
                ? "character " + way.to()
                : "characters " + (way.from() + 1) + " to " + way.to();
        return "except " + place + said + ": " + (clauses.isEmpty() ? LIKE_OTHERS : String.join(", ", clauses));
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase("except")) {
            return false;
        }
        int[] stretch = stretch(words);
        words.match("\u201c[^\u201d]*\u201d");
        if (!words.sign(":")) {
            throw new DirectionException(
                    "what is different follows a colon, such as except character 3: turn from 90\u00b0",
                    words.position(),
                    List.of(": turn from 90\u00b0"));
        }
        OwnWay old = draft.oldWay(stretch[0], stretch[1]);
        MoveDraft own = draft.sub(old);
        Double[] shift = {0.0};
        while (clause(words, own, shift)) {
            int before = words.position();
            words.separators();
            if (words.atEnd() || words.phrase("except") || words.phrase(MutedClause.TEXT)) {
                words.back(before);
                break;
            }
        }
        String id = old == null ? "o" + (draft.own.size() + 1) : old.id();
        draft.own.add(new OwnWay(id, stretch[0], stretch[1], shift[0], own.easing, own.times, own.channels));
        return true;
    }

    private static boolean clause(Lexer words, MoveDraft own, Double[] shift) {
        if (words.phrase(LIKE_OTHERS)) {
            return true;
        }
        int start = words.position();
        OptionalDouble number = words.number();
        if (number.isPresent() && words.phrase("times over")) {
            own.times = (int) number.getAsDouble();
            return true;
        }
        if (number.isPresent()) {
            if (!words.phrase("frames")) {
                words.phrase("frame");
            }
            if (words.phrase("later")) {
                shift[0] = number.getAsDouble();
                return true;
            }
            if (words.phrase("earlier")) {
                shift[0] = -number.getAsDouble();
                return true;
            }
        }
        words.back(start);
        if (CHANGES.read(words, own)) {
            return true;
        }
        words.back(start);
        return EASINGS.read(words, own);
    }

    private static int[] stretch(Lexer words) {
        boolean one = words.phrase("character");
        if (!one && !words.phrase("characters")) {
            throw missing(words);
        }
        OptionalDouble from = words.number();
        OptionalDouble to = words.phrase("to") ? words.number() : from;
        if (from.isEmpty() || to.isEmpty() || from.getAsDouble() < 1 || to.getAsDouble() < from.getAsDouble()) {
            throw missing(words);
        }
        return new int[] {(int) from.getAsDouble() - 1, (int) to.getAsDouble()};
    }

    private static DirectionException missing(Lexer words) {
        return new DirectionException(
                "say which characters, counted from 1, such as except characters 3 to 5: fade in",
                words.position(),
                List.of("character 1"));
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of("except character 1: 6 frames later");
    }
}
