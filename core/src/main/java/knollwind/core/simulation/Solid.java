package knollwind.core.simulation;

import java.util.List;
import knollwind.core.geometry.Point;

/**
 * What a body is made of: px about its middle.
 *
 * @param width px
 * @param height px
 * @param contours closed ones without holes, whose corners it is made of; only for an outline
 */
public record Solid(Form form, double width, double height, List<List<Point>> contours) {
    /** How a body is bounded. */
    public enum Form {
        BOX,
        /** Round at its two far ends. */
        CAPSULE,
        /** Around the whole of it. */
        CIRCLE,
        OUTLINE
    }

    public Solid {
        contours = contours.stream().map(List::copyOf).toList();
    }

    public static Solid of(Form form, double width, double height) {
        return new Solid(form, width, height, List.of());
    }

    /** As many times as large. */
    Solid times(double size) {
        return size == 1
                ? this
                : new Solid(
                        form,
                        width * size,
                        height * size,
                        contours.stream()
                                .map(contour -> contour.stream()
                                        .map(point -> new Point(point.x() * size, point.y() * size))
                                        .toList())
                                .toList());
    }

    public static Solid outline(double width, double height, List<List<Point>> contours) {
        return new Solid(Form.OUTLINE, width, height, contours);
    }
}
