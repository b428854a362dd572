package knollwind.core.display;

import java.util.Arrays;

/** What an outline is filled with. */
public sealed interface Ink {
    /**
     * One colour.
     *
     * @param argb 0xAARRGGBB, sRGB, straight alpha
     */
    record Plain(int argb) implements Ink {}

    /**
     * Colours along the line from (x0, y0) to (x1, y1) in the outline's own space, mixed between stops as encoded sRGB and
     * continued beyond the ends.
     */
    record Gradient(float x0, float y0, float x1, float y1, float[] positions, int[] colours) implements Ink {
        @Override
        public boolean equals(Object other) {
            return other instanceof Gradient g
                    && g.x0 == x0
                    && g.y0 == y0
                    && g.x1 == x1
                    && g.y1 == y1
                    && Arrays.equals(g.positions, positions)
                    && Arrays.equals(g.colours, colours);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(colours);
        }
    }

    /** Colours outwards from (x, y) to the circle of this radius, mixed and continued as in a gradient. */
    record Radial(float x, float y, float radius, float[] positions, int[] colours) implements Ink {
        @Override
        public boolean equals(Object other) {
            return other instanceof Radial r
                    && r.x == x
                    && r.y == y
                    && r.radius == radius
                    && Arrays.equals(r.positions, positions)
                    && Arrays.equals(r.colours, colours);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(colours);
        }
    }

    /**
     * A picture, transparent beyond its edges. A point (u, v) of the picture, in its px, lies at (a·u + e, d·v + f) of the
     * outline's own space.
     *
     * @param picture SHA-256 of the picture; for a frame of a film, that of the film, a slash and the frame from 0
     */
    record Picture(String picture, float a, float d, float e, float f) implements Ink {}

    /**
     * Other paints, cut off at the outline. A point (u, v) of theirs lies at (a·u + e, d·v + f) of the outline's own space. It
     * never reaches a painter: a list that is built holds the paints themselves.
     */
    record Nested(DisplayList list, float a, float d, float e, float f) implements Ink {}
}
