package knollwind.core.directions.move;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Loudness;

/** How a move of the dwell goes there and back: "swinging every 48 frames", "in a passing wave every 8 beats"; or one way. */
final class CycleClause implements Clause {
    static String say(Cycle cycle) {
        if (cycle.glides()) {
            return "gliding through with a drift of " + Say.percent(cycle.drift());
        }
        if (cycle.form() == Cycle.Form.STAY) {
            return form(cycle.form());
        }
        if (cycle.form() == Cycle.Form.LOUDNESS) {
            return LoudnessWords.say(cycle.loudness());
        }
        return form(cycle.form()) + " every " + time(cycle)
                + (cycle.seed() == 0 ? "" : " from seed " + cycle.seed())
                + (cycle.whole() ? " in whole rounds" : "");
    }

    private static String time(Cycle cycle) {
        if (cycle.every() == 1) {
            return switch (cycle.unit()) {
                case FRAMES -> "frame";
                case SECONDS -> "second";
                case BEATS -> "beat";
            };
        }
        return Say.number(cycle.every()) + " " + cycle.unit().text();
    }

    static String form(Cycle.Form form) {
        return switch (form) {
            case SWING -> "swinging";
            case PULSE -> "pulsing";
            case TREMBLE -> "trembling";
            case FLICKER -> "flickering";
            case PASS -> "in a passing wave";
            case GLIDE -> "gliding through";
            case STAY -> "over its stay";
            case LOUDNESS -> LoudnessWords.LOUD;
        };
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (draft.phase != PhaseKind.DWELL) {
            return false;
        }
        Optional<Loudness> loudness = LoudnessWords.read(words);
        if (loudness.isPresent()) {
            draft.cycle = Cycle.following(loudness.get());
            return true;
        }
        for (Cycle.Form form : Cycle.Form.values()) {
            if (words.phrase(form(form))) {
                draft.cycle = rest(words, form);
                return true;
            }
        }
        return false;
    }

    private static Cycle rest(Lexer words, Cycle.Form form) {
        if (form == Cycle.Form.GLIDE) {
            return Cycle.gliding(
                    words.phrase("with a drift of") ? words.percent().orElse(0.05) : 0.05);
        }
        if (form == Cycle.Form.STAY) {
            return Cycle.staying();
        }
        double every = form == Cycle.Form.PASS ? 96 : 48;
        Cycle.Unit unit = Cycle.Unit.FRAMES;
        if (words.phrase("every")) {
            OptionalDouble number = words.number();
            int here = words.position();
            if (number.isEmpty() && (words.phrase("frame") || words.phrase("second") || words.phrase("beat"))) {
                words.back(here);
                number = OptionalDouble.of(1);
            }
            if (number.isEmpty()) {
                throw new DirectionException(
                        "say how often, such as every 48 frames, 2 s or 4 beats",
                        words.position(),
                        List.of("48 frames", "2 s", "4 beats"));
            }
            every = number.getAsDouble();
            if (words.phrase("s") || words.phrase("seconds") || words.phrase("second")) {
                unit = Cycle.Unit.SECONDS;
            } else if (words.phrase("beats") || words.phrase("beat")) {
                unit = Cycle.Unit.BEATS;
            } else if (!words.phrase("frames")) {
                words.phrase("frame");
            }
        }
        long seed = words.phrase("from seed") ? (long) words.number().orElse(0) : 0;
        return new Cycle(form, every, unit, words.phrase("in whole rounds"), seed);
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return phase != PhaseKind.DWELL
                ? List.of()
                : List.of(
                        "swinging every 48 frames",
                        "pulsing every 2 s",
                        "trembling every 24 frames from seed 1",
                        "flickering every 12 frames from seed 1",
                        "in a passing wave every 96 frames",
                        "gliding through with a drift of 5 %",
                        "over its stay",
                        "as loud as the music",
                        "as loud as the low sounds of the music over -40 dB rising in 1 frame falling in 6 frames");
    }
}
