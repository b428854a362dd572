package knollwind.core.type;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.humbleui.skija.Font;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathFillMode;
import io.github.humbleui.skija.PathVerb;
import io.github.humbleui.skija.Typeface;
import io.github.humbleui.types.Point;
import io.github.humbleui.types.Rect;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Outlines of glyphs at their size, kept by typeface instance, glyph and size. */
final class GlyphOutlines {
    private record Key(int typeface, short glyph, float size) {}

    private static final Outline BLANK = Outline.of(new byte[0], new float[0], Box.EMPTY);

    private final Cache<Key, Outline> cache =
            Caffeine.newBuilder().maximumSize(20_000).build();

    /** The glyph's outline with its origin on the baseline; empty for a space or a glyph that is not an outline. */
    Outline outline(Typeface typeface, Font font, short glyph) {
        return cache.get(new Key(typeface.getUniqueId(), glyph, font.getSize()), key -> read(font, glyph));
    }

    private static Outline read(Font font, short glyph) {
        try (Path path = font.getPath(glyph)) {
            return path == null || path.isEmpty() ? BLANK : of(path);
        }
    }

    /** The outline as Skia's path; to be closed by the caller. */
    static Path path(Outline outline) {
        PathVerb[] verbs = new PathVerb[outline.verbs().length];
        for (int i = 0; i < verbs.length; i++) {
            verbs[i] = PathVerb._values[outline.verbs()[i]];
        }
        Point[] points = new Point[outline.points().length / 2];
        for (int i = 0; i < points.length; i++) {
            points[i] = new Point(outline.points()[2 * i], outline.points()[2 * i + 1]);
        }
        return Path.makeRaw(points, verbs, new float[0], PathFillMode.WINDING);
    }

    /** The path as an outline; it may hold no conics. */
    static Outline of(Path path) {
        PathVerb[] verbs = path.getVerbs();
        byte[] flat = new byte[verbs.length];
        for (int i = 0; i < verbs.length; i++) {
            if (verbs[i] == PathVerb.CONIC) {
                throw new IllegalStateException("an outline holds a conic, which no font format has");
            }
            flat[i] = (byte) verbs[i].ordinal();
        }
        Point[] points = path.getPoints();
        float[] coordinates = new float[2 * points.length];
        for (int i = 0; i < points.length; i++) {
            coordinates[2 * i] = points[i].getX();
            coordinates[2 * i + 1] = points[i].getY();
        }
        Rect ink = path.computeTightBounds();
        return Outline.of(flat, coordinates, new Box(ink.getLeft(), ink.getTop(), ink.getRight(), ink.getBottom()));
    }
}
