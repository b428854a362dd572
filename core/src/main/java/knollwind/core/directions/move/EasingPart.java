package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.motion.CubicBezier;
import knollwind.core.motion.Easing;
import knollwind.core.motion.Easings;

/** The control of an easing: its curve, the spoken names, and the function to type. */
final class EasingPart {
    /** Of an easing drawn as small as in a list; odd, so that the middle is one of them. */
    private static final int SAMPLES = 49;

    /** Frames that a graph marks one by one; more would lie closer than two px. */
    private static final int MOST_RUNGS = 96;

    private EasingPart() {}

    static Part of(MoveContext context) {
        String function = context.move().easing();
        String at = context.path() + "/easing";
        Easing easing = Easings.read(function);
        int frames = (int) Math.max(
                1, Math.min(MOST_RUNGS, Math.round(context.timing().rule().each())));
        List<Control.Option> options = EasingClause.NAMES.entrySet().stream()
                .map(name -> new Control.Option(
                        name.getKey(), name.getValue().equals(function), List.of(Ops.set(at, name.getValue()))))
                .toList();
        return new Part(
                "easing",
                List.of(new Control.Curve(
                        "Easing",
                        function,
                        samples(easing, SAMPLES - 1),
                        samples(easing, frames),
                        bezier(easing),
                        options,
                        at)),
                "");
    }

    private static List<Double> samples(Easing easing, int steps) {
        List<Double> samples = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            samples.add(Math.rint(easing.at((double) i / steps) * 1e4) / 1e4);
        }
        return samples;
    }

    private static List<Double> bezier(Easing easing) {
        return easing instanceof CubicBezier b ? List.of(b.x1(), b.y1(), b.x2(), b.y2()) : List.of();
    }
}
