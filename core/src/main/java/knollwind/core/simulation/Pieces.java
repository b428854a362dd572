package knollwind.core.simulation;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Point;
import org.dyn4j.geometry.Convex;
import org.dyn4j.geometry.Geometry;
import org.dyn4j.geometry.Polygon;
import org.dyn4j.geometry.Vector2;
import org.dyn4j.geometry.decompose.SweepLine;
import org.dyn4j.geometry.hull.GiftWrap;
import org.dyn4j.geometry.simplify.DouglasPeucker;

/** What a body is made of as convex pieces. */
final class Pieces {
    /** Metres: smaller sides are not told apart, and nothing is thinner. */
    private static final double LEAST = 0.02;

    /** Of what it is: corners that lie this near to a straight line are left out. */
    private static final double FINE = 0.02;

    /** Of one body: one of more is as its hull. */
    private static final int MOST = 24;

    private Pieces() {}

    /** @param scale metres of one px */
    static List<Convex> of(Solid solid, double scale) {
        double width = Math.max(LEAST, solid.width() * scale);
        double height = Math.max(LEAST, solid.height() * scale);
        return switch (solid.form()) {
            case BOX -> List.of(Geometry.createRectangle(width, height));
            case CAPSULE ->
                List.of(
                        Math.abs(width - height) < LEAST / 2
                                ? Geometry.createCircle(Math.max(width, height) / 2)
                                : Geometry.createCapsule(width, height));
            case CIRCLE -> List.of(Geometry.createCircle(Math.max(width, height) / 2));
            case OUTLINE -> outline(solid, scale, width, height);
        };
    }

    private static List<Convex> outline(Solid solid, double scale, double width, double height) {
        double fine = FINE * Math.min(width, height);
        List<Convex> pieces = new ArrayList<>();
        for (List<Point> contour : solid.contours()) {
            List<Vector2> corners = new ArrayList<>();
            contour.forEach(corner -> corners.add(new Vector2(corner.x() * scale, corner.y() * scale)));
            pieces.addAll(convex(corners, fine));
        }
        return pieces.isEmpty() || pieces.size() > MOST ? List.of(Geometry.createRectangle(width, height)) : pieces;
    }

    private static List<Convex> convex(List<Vector2> corners, double fine) {
        try {
            List<Vector2> few = new DouglasPeucker(fine, fine).simplify(corners);
            if (few.size() < 3) {
                return List.of();
            }
            Vector2[] all = few.toArray(new Vector2[0]);
            if (Geometry.getWinding(all) < 0) {
                Geometry.reverseWinding(all);
            }
            if (isConvex(all)) {
                return List.of(new Polygon(all));
            }
            List<Convex> pieces = new SweepLine().decompose(all);
            return pieces.size() > MOST ? hull(corners) : pieces;
        } catch (IllegalArgumentException crossing) {
            // What crosses itself has no inside to be cut up.
            return hull(corners);
        }
    }

    /** Wound as all are. */
    private static boolean isConvex(Vector2[] corners) {
        for (int i = 0; i < corners.length; i++) {
            Vector2 at = corners[i];
            Vector2 next = corners[(i + 1) % corners.length];
            Vector2 last = corners[(i + 2) % corners.length];
            if ((next.x - at.x) * (last.y - next.y) - (next.y - at.y) * (last.x - next.x) <= 0) {
                return false;
            }
        }
        return true;
    }

    private static List<Convex> hull(List<Vector2> corners) {
        try {
            return List.of(new Polygon(new GiftWrap().generate(corners.toArray(new Vector2[0]))));
        } catch (IllegalArgumentException flat) {
            return List.of();
        }
    }
}
