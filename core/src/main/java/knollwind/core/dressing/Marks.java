package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Small shapes that are one outline. */
final class Marks {
    private final List<double[]> corners = new ArrayList<>();
    private Box ink = Box.EMPTY;

    /** Around the unit circle. */
    private final double[] round;

    /** @param sides of what is round */
    Marks(int sides) {
        round = new double[2 * sides];
        for (int i = 0; i < sides; i++) {
            round[2 * i] = StrictMath.cos(2 * Math.PI * i / sides);
            round[2 * i + 1] = StrictMath.sin(2 * Math.PI * i / sides);
        }
    }

    void dot(double x, double y, double radius) {
        double[] points = new double[round.length];
        for (int i = 0; i < points.length; i += 2) {
            points[i] = x + radius * round[i];
            points[i + 1] = y + radius * round[i + 1];
        }
        add(points);
    }

    /** Pointed behind. */
    void streak(double x, double y, double tailX, double tailY, double radius) {
        double length = Math.hypot(x - tailX, y - tailY);
        if (length <= radius) {
            dot(x, y, radius);
            return;
        }
        double ux = (x - tailX) / length * radius;
        double uy = (y - tailY) / length * radius;
        add(new double[] {tailX, tailY, x + uy, y - ux, x + ux, y + uy, x - uy, y + ux});
    }

    private void add(double[] points) {
        corners.add(points);
        for (int i = 0; i < points.length; i += 2) {
            ink = ink.union(new Box(points[i], points[i + 1], points[i], points[i + 1]));
        }
    }

    /** All of them; empty where there are none. */
    Optional<Outline> outline() {
        if (corners.isEmpty()) {
            return Optional.empty();
        }
        int count = corners.stream().mapToInt(points -> points.length).sum();
        byte[] verbs = new byte[count / 2 + corners.size()];
        float[] all = new float[count];
        int verb = 0;
        int at = 0;
        for (double[] points : corners) {
            for (int i = 0; i < points.length; i++) {
                all[at++] = (float) points[i];
                if (i % 2 == 0) {
                    verbs[verb++] = i == 0 ? Outline.MOVE : Outline.LINE;
                }
            }
            verbs[verb++] = Outline.CLOSE;
        }
        return Optional.of(Outline.of(verbs, all, ink));
    }
}
