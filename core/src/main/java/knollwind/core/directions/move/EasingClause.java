package knollwind.core.directions.move;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Look;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.EasingNames;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.motion.Bounce;
import knollwind.core.motion.Easing;
import knollwind.core.motion.Easings;
import knollwind.core.motion.Overshoot;
import knollwind.core.motion.PhaseKind;
import knollwind.core.motion.Spring;
import knollwind.core.motion.Steps;
import knollwind.core.scene.NamedEasings;

/** With which easing: a spoken name, "landing softly", or "easing" and a function in CSS notation. */
public final class EasingClause implements Clause {
    /** Spoken names and their functions. */
    public static final Map<String, String> NAMES = EasingNames.ALL;

    /** What the way from a key to the next can be: any of them, or none. */
    public static List<Control.Named> ofKeys() {
        return Stream.concat(
                        Stream.of(new Control.Named("holding", NamedEasings.HOLD)),
                        NAMES.entrySet().stream().map(name -> new Control.Named(name.getKey(), name.getValue())))
                .toList();
    }

    public static String say(String function) {
        return NAMES.entrySet().stream()
                .filter(entry -> entry.getValue().equals(function))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("easing " + function);
    }

    /** How an easing is seen: its curve, and in place of a function what kind it is. */
    public static Look look(String function) {
        Easing easing = Easings.read(function);
        return Look.curve(NAMES.containsValue(function) ? null : kind(easing), easing::at);
    }

    private static String kind(Easing easing) {
        if (easing instanceof Steps steps) {
            return "in " + steps.count() + (steps.count() == 1 ? " step" : " steps");
        }
        if (easing instanceof Spring) {
            return "springing in its own way";
        }
        if (easing instanceof Bounce) {
            return "bouncing in its own way";
        }
        return easing instanceof Overshoot ? "overshooting in its own way" : "on a curve of its own";
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        Optional<String> said = spoken(words);
        said.ifPresent(function -> draft.easing = function);
        return said.isPresent();
    }

    /** The function of the easing that is said here, if one is. */
    public static Optional<String> spoken(Lexer words) {
        for (Map.Entry<String, String> name : NAMES.entrySet()) {
            if (words.phrase(name.getKey())) {
                return Optional.of(name.getValue());
            }
        }
        int start = words.position();
        return words.phrase("easing") ? Optional.of(function(words, start)) : Optional.empty();
    }

    /**
     * A function in CSS notation that can be read.
     *
     * @param start where the clause begins, to be named when it cannot
     */
    static String function(Lexer words, int start) {
        Optional<String> function = words.function();
        try {
            Easings.read(function.orElse(""));
        } catch (IllegalArgumentException e) {
            throw new DirectionException(e.getMessage(), start, List.of());
        }
        return function.orElseThrow();
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return Stream.concat(NAMES.keySet().stream(), Stream.of("easing ease-out", "easing cubic-bezier(0.2, 0, 0, 1)"))
                .toList();
    }
}
