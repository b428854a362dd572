package knollwind.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Reads easing functions: those of CSS Easing Functions Level 2 in CSS notation, and our own {@code spring(mass, stiffness,
 * damping)}, {@code overshoot(amount)}, {@code wind-up(amount)}, {@code bounce(count, loss)} and
 * {@code reversed(function)}.
 */
public final class Easings {
    private static final Map<String, Easing> NAMED = Map.of(
            "linear", Easing::clamp,
            "ease", new CubicBezier(0.25, 0.1, 0.25, 1),
            "ease-in", new CubicBezier(0.42, 0, 1, 1),
            "ease-out", new CubicBezier(0, 0, 0.58, 1),
            "ease-in-out", new CubicBezier(0.42, 0, 0.58, 1),
            "step-start", new Steps(1, Steps.Position.JUMP_START),
            "step-end", new Steps(1, Steps.Position.JUMP_END));

    private Easings() {}

    /**
     * The easing that the text names.
     *
     * @throws IllegalArgumentException saying what cannot be read and what could stand there
     */
    public static Easing read(String text) {
        String function = text.strip().toLowerCase(Locale.ROOT);
        Easing named = NAMED.get(function);
        if (named != null) {
            return named;
        }
        int open = function.indexOf('(');
        if (open < 0 || !function.endsWith(")")) {
            throw new IllegalArgumentException("'" + text + "' is not an easing function; use linear, ease, ease-in, "
                    + "ease-out, ease-in-out, cubic-bezier(), linear(), steps(), spring(), overshoot(), wind-up(), "
                    + "bounce() or reversed()");
        }
        String name = function.substring(0, open).strip();
        String inside = function.substring(open + 1, function.length() - 1).strip();
        return switch (name) {
            case "cubic-bezier" -> {
                double[] n = numbers(name, inside, 4);
                yield new CubicBezier(n[0], n[1], n[2], n[3]);
            }
            case "linear" -> linear(inside);
            case "steps" -> steps(inside);
            case "spring" -> {
                double[] n = numbers(name, inside, 3);
                yield new Spring(n[0], n[1], n[2]);
            }
            case "overshoot" -> new Overshoot(numbers(name, inside, 1)[0]);
            case "wind-up" -> new Overshoot(numbers(name, inside, 1)[0]).reversed();
            case "bounce" -> {
                double[] n = numbers(name, inside, 2);
                yield new Bounce(whole(n[0], "bounce()"), n[1]);
            }
            case "reversed" -> read(inside).reversed();
            default -> throw new IllegalArgumentException("there is no easing function '" + name + "()'");
        };
    }

    /**
     * The text of the function that shows this one backwards, 1 − f(1 − x), in the plainest form there is. Reversing twice
     * gives the function itself again.
     */
    public static String reversed(String text) {
        String function = text.strip();
        if (function.startsWith("reversed(") && function.endsWith(")")) {
            return function.substring("reversed(".length(), function.length() - 1)
                    .strip();
        }
        Easing easing = read(function);
        if (easing instanceof CubicBezier b) {
            return "cubic-bezier(" + number(1 - b.x2()) + ", " + number(1 - b.y2()) + ", " + number(1 - b.x1()) + ", "
                    + number(1 - b.y1()) + ")";
        }
        if (function.equals("linear")) {
            return function;
        }
        if (function.startsWith("overshoot(")) {
            return "wind-up(" + function.substring("overshoot(".length());
        }
        if (function.startsWith("wind-up(")) {
            return "overshoot(" + function.substring("wind-up(".length());
        }
        return "reversed(" + function + ")";
    }

    /** 1 − 0.7 is written 0.3 again: differences of short decimals are rounded to the decimals people wrote. */
    private static String number(double value) {
        return knollwind.core.scene.Numbers.text(Math.rint(value * 1e10) / 1e10);
    }

    private static Easing linear(String inside) {
        List<double[]> stops = new ArrayList<>();
        for (String stop : inside.split(",", -1)) {
            double output = Double.NaN;
            List<Double> inputs = new ArrayList<>();
            for (String word : stop.strip().split("\\s+")) {
                if (word.endsWith("%")) {
                    inputs.add(parse("linear", word.substring(0, word.length() - 1)) / 100);
                } else if (Double.isNaN(output)) {
                    output = parse("linear", word);
                } else {
                    throw new IllegalArgumentException(
                            "a point of linear() has one output, not two: '" + stop.strip() + "'");
                }
            }
            if (Double.isNaN(output) || inputs.size() > 2) {
                throw new IllegalArgumentException(
                        "a point of linear() is an output and up to two percentages, not '" + stop.strip() + "'");
            }
            stops.add(new double[] {output, inputs.isEmpty() ? Double.NaN : inputs.get(0)});
            if (inputs.size() == 2) {
                stops.add(new double[] {output, inputs.get(1)});
            }
        }
        if (stops.size() < 2) {
            throw new IllegalArgumentException("linear() needs at least two points");
        }
        return new LinearPoints(spread(stops));
    }

    /** Inputs that were left out are filled in as section 2.1.1 says: ends at 0 and 1, never backwards, even between. */
    private static List<LinearPoints.Point> spread(List<double[]> stops) {
        if (Double.isNaN(stops.get(0)[1])) {
            stops.get(0)[1] = 0;
        }
        double[] last = stops.get(stops.size() - 1);
        double largest = Double.NEGATIVE_INFINITY;
        for (double[] stop : stops) {
            if (!Double.isNaN(stop[1])) {
                stop[1] = Math.max(stop[1], largest);
                largest = stop[1];
            }
        }
        if (Double.isNaN(last[1])) {
            last[1] = Math.max(1, largest);
        }
        for (int i = 1; i < stops.size(); i++) {
            if (Double.isNaN(stops.get(i)[1])) {
                int next = i;
                while (Double.isNaN(stops.get(next)[1])) {
                    next++;
                }
                double from = stops.get(i - 1)[1];
                double step = (stops.get(next)[1] - from) / (next - i + 1);
                stops.get(i)[1] = from + step;
            }
        }
        return stops.stream()
                .map(stop -> new LinearPoints.Point(stop[1], stop[0]))
                .toList();
    }

    private static Easing steps(String inside) {
        String[] words = inside.split(",");
        if (words.length > 2) {
            throw new IllegalArgumentException("steps() takes a count and where the jumps sit");
        }
        Steps.Position position = switch (words.length == 2 ? words[1].strip() : "end") {
            case "start", "jump-start" -> Steps.Position.JUMP_START;
            case "end", "jump-end" -> Steps.Position.JUMP_END;
            case "jump-none" -> Steps.Position.JUMP_NONE;
            case "jump-both" -> Steps.Position.JUMP_BOTH;
            default ->
                throw new IllegalArgumentException(
                        "the jumps of steps() sit at jump-start, jump-end, jump-none or jump-both, not '"
                                + words[1].strip() + "'");
        };
        return new Steps(whole(parse("steps", words[0]), "steps()"), position);
    }

    private static int whole(double value, String what) {
        if (value != Math.rint(value) || Math.abs(value) > 10_000) {
            throw new IllegalArgumentException(what + " takes a whole number, not " + value);
        }
        return (int) value;
    }

    private static double[] numbers(String name, String inside, int count) {
        String[] words = inside.split(",", -1);
        if (words.length != count) {
            throw new IllegalArgumentException(name + "() takes " + count
                    + (count == 1 ? " number, not " : " numbers, not ") + (inside.isEmpty() ? 0 : words.length));
        }
        double[] numbers = new double[count];
        for (int i = 0; i < count; i++) {
            numbers[i] = parse(name, words[i]);
        }
        return numbers;
    }

    private static double parse(String name, String word) {
        String text = word.strip();
        if (!text.matches("[+-]?(\\d+\\.?\\d*|\\.\\d+)(e[+-]?\\d+)?")) {
            throw new IllegalArgumentException("'" + text + "' in " + name + "() is not a number");
        }
        return Double.parseDouble(text);
    }
}
