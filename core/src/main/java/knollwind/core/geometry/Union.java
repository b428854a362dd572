package knollwind.core.geometry;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;

/** Outlines that touch, as one: what lies inside any of them, without the edges that run inside others. */
public final class Union {
    /** An outline and where it stands; the matrix is flat. */
    public record Placed(Outline outline, Matrix onto) {}

    private static final Cache<List<Placed>, Outline> KNOWN =
            Caffeine.newBuilder().maximumSize(2000).build();

    private static final Cache<List<Placed>, Boolean> TOUCHING =
            Caffeine.newBuilder().maximumSize(10_000).build();

    private Union() {}

    /** All of them as one, where they stand. */
    public static Outline of(List<Placed> placed) {
        return KNOWN.get(List.copyOf(placed), Union::made);
    }

    /** Whether some place lies inside both. */
    public static boolean touch(Placed one, Placed other) {
        return TOUCHING.get(List.of(one, other), both -> {
            Area area = area(both.get(0));
            area.intersect(area(both.get(1)));
            return !area.isEmpty();
        });
    }

    /** Whether contours of an outline lie over each other without making a hole. */
    public static boolean isCrossed(Outline outline) {
        List<Contours.Contour> contours = Contours.split(outline);
        for (int i = 0; i < contours.size(); i++) {
            for (int j = 0; j < i; j++) {
                Outline one = contours.get(i).outline();
                Outline other = contours.get(j).outline();
                if (!one.ink().inside(other.ink()).isEmpty() && turn(one) * turn(other) > 0) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Twice the area within its points, above 0 one way round and below 0 the other. */
    private static double turn(Outline contour) {
        float[] points = contour.points();
        double sum = 0;
        for (int i = 0; i < points.length; i += 2) {
            int next = (i + 2) % points.length;
            sum += points[i] * (double) points[next + 1] - points[next] * (double) points[i + 1];
        }
        return sum;
    }

    private static Outline made(List<Placed> placed) {
        Area all = new Area();
        for (Placed one : placed) {
            all.add(area(one));
        }
        return outline(all);
    }

    private static Area area(Placed one) {
        Path2D path = path(one.outline());
        Matrix m = one.onto();
        path.transform(new AffineTransform(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()));
        return new Area(path);
    }

    private static Path2D path(Outline outline) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        float[] p = outline.points();
        int at = 0;
        for (byte verb : outline.verbs()) {
            switch (verb) {
                case Outline.MOVE -> path.moveTo(p[at], p[at + 1]);
                case Outline.LINE -> path.lineTo(p[at], p[at + 1]);
                case Outline.QUADRATIC -> path.quadTo(p[at], p[at + 1], p[at + 2], p[at + 3]);
                case Outline.CUBIC -> path.curveTo(p[at], p[at + 1], p[at + 2], p[at + 3], p[at + 4], p[at + 5]);
                default -> path.closePath();
            }
            at += 2 * Outline.pointsOf(verb);
        }
        return path;
    }

    private static Outline outline(Area area) {
        ByteArrayOutputStream verbs = new ByteArrayOutputStream();
        List<Float> points = new ArrayList<>();
        float[] p = new float[6];
        for (PathIterator way = area.getPathIterator(null); !way.isDone(); way.next()) {
            byte verb = switch (way.currentSegment(p)) {
                case PathIterator.SEG_MOVETO -> Outline.MOVE;
                case PathIterator.SEG_LINETO -> Outline.LINE;
                case PathIterator.SEG_QUADTO -> Outline.QUADRATIC;
                case PathIterator.SEG_CUBICTO -> Outline.CUBIC;
                default -> Outline.CLOSE;
            };
            verbs.write(verb);
            for (int i = 0; i < 2 * Outline.pointsOf(verb); i++) {
                points.add(p[i]);
            }
        }
        float[] all = new float[points.size()];
        for (int i = 0; i < all.length; i++) {
            all[i] = points.get(i);
        }
        Rectangle2D box = area.getBounds2D();
        return Outline.of(
                verbs.toByteArray(), all, new Box(box.getMinX(), box.getMinY(), box.getMaxX(), box.getMaxY()));
    }
}
