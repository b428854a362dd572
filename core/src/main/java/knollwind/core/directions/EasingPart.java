package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.motion.Easing;
import knollwind.core.motion.Easings;

/** The control of an easing: its curve, the spoken names, and the function to type. */
final class EasingPart {
    private static final int SAMPLES = 49;

    private EasingPart() {}

    static Part of(MoveContext context) {
        String function = context.move().easing();
        String at = context.path() + "/easing";
        Easing easing = Easings.read(function);
        List<Double> samples = new ArrayList<>();
        for (int i = 0; i < SAMPLES; i++) {
            samples.add(Math.rint(easing.at(i / (SAMPLES - 1.0)) * 1e4) / 1e4);
        }
        List<Control.Option> options = EasingClause.NAMES.entrySet().stream()
                .map(name -> new Control.Option(
                        name.getKey(), name.getValue().equals(function), List.of(Ops.set(at, name.getValue()))))
                .toList();
        return new Part("easing", List.of(new Control.Curve("Easing", function, samples, options, at)), "");
    }
}
