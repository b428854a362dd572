package knollwind.core.motion;

import java.util.List;

/** {@code linear()} of CSS Easing Functions Level 2, section 2.1: straight lines through points in order of their input. */
public record LinearPoints(List<Point> points) implements Easing {
    /** Output at an input. Two points may share an input; the curve then jumps to the later one. */
    public record Point(double input, double output) {}

    public LinearPoints {
        points = List.copyOf(points);
        if (points.isEmpty()) {
            throw new IllegalArgumentException("linear() needs at least one point");
        }
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).input < points.get(i - 1).input) {
                throw new IllegalArgumentException("the points of linear() must go forward");
            }
        }
    }

    @Override
    public double at(double x) {
        double input = Easing.clamp(x);
        if (points.size() == 1) {
            return points.get(0).output;
        }
        int b = 0;
        while (b < points.size() && points.get(b).input <= input) {
            b++;
        }
        int right = Math.max(1, Math.min(b, points.size() - 1));
        Point from = points.get(right - 1);
        Point to = points.get(right);
        if (from.input == to.input) {
            return to.output;
        }
        return from.output + (to.output - from.output) * (input - from.input) / (to.input - from.input);
    }
}
