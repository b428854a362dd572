package knollwind.core.display;

import java.util.Arrays;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * What an outline is filled with. As with paint operations, all there is to say of an ink stands here; painters have a case for
 * each.
 */
public sealed interface Ink {
    /** One method for each ink that reaches a painter. */
    interface Cases<R> {
        R plain(Plain plain);

        R gradient(Gradient gradient);

        R radial(Radial radial);

        R conic(Conic conic);

        R picture(Picture picture);
    }

    /** @throws IllegalStateException for other paints, which a list that is built holds in the ink's place */
    <R> R match(Cases<R> cases);

    /** The same ink seen from a place (x, y) of the outline's space. */
    Ink shifted(double x, double y);

    /** The same ink with other colours, 0xAARRGGBB each; what has none of its own stays. */
    Ink coloured(IntUnaryOperator other);

    /** Of a fill with this ink, in a reel. */
    int code();

    /** What follows a fill's outline and opacity in a reel. */
    void write(ReelWords out);

    /** For people who want to look inside. */
    Object dump();

    /** The ink of the fill with this code. */
    static Ink read(int code, ReelSource in) {
        return switch (code) {
            case Plain.CODE -> new Plain(in.whole());
            case Gradient.CODE -> {
                float[] line = in.numbers(4);
                float[] positions = in.numbers(in.whole());
                yield new Gradient(line[0], line[1], line[2], line[3], positions, in.wholes(positions.length));
            }
            case Radial.CODE -> {
                float[] circle = in.numbers(3);
                float[] positions = in.numbers(in.whole());
                yield new Radial(circle[0], circle[1], circle[2], positions, in.wholes(positions.length));
            }
            case Conic.CODE -> {
                float[] turn = in.numbers(3);
                float[] positions = in.numbers(in.whole());
                yield new Conic(turn[0], turn[1], turn[2], positions, in.wholes(positions.length));
            }
            case Picture.CODE -> new Picture(in.picture(), in.number(), in.number(), in.number(), in.number());
            default -> throw new IllegalArgumentException("the reel holds the unknown operation " + code);
        };
    }

    /**
     * One colour.
     *
     * @param argb 0xAARRGGBB, sRGB, straight alpha
     */
    record Plain(int argb) implements Ink {
        /** In reels; taken for ever. */
        static final int CODE = 6;

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.plain(this);
        }

        @Override
        public Ink shifted(double x, double y) {
            return this;
        }

        @Override
        public Ink coloured(IntUnaryOperator other) {
            return new Plain(other.applyAsInt(argb));
        }

        @Override
        public int code() {
            return CODE;
        }

        @Override
        public void write(ReelWords out) {
            out.put(argb);
        }

        @Override
        public Object dump() {
            return String.format("#%08x", argb);
        }
    }

    /**
     * Colours along the line from (x0, y0) to (x1, y1) in the outline's own space, mixed between stops as encoded sRGB and
     * continued beyond the ends.
     */
    record Gradient(float x0, float y0, float x1, float y1, float[] positions, int[] colours) implements Ink {
        /** In reels; taken for ever. */
        static final int CODE = 7;

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.gradient(this);
        }

        @Override
        public Ink shifted(double x, double y) {
            return new Gradient(
                    (float) (x0 - x), (float) (y0 - y), (float) (x1 - x), (float) (y1 - y), positions, colours);
        }

        @Override
        public Ink coloured(IntUnaryOperator other) {
            return new Gradient(x0, y0, x1, y1, positions, each(colours, other));
        }

        @Override
        public int code() {
            return CODE;
        }

        @Override
        public void write(ReelWords out) {
            out.put(x0, y0, x1, y1).put(positions.length).put(positions).all(colours);
        }

        @Override
        public Object dump() {
            return Map.of("gradient", colours.length);
        }

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
        /** In reels; taken for ever. */
        static final int CODE = 8;

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.radial(this);
        }

        @Override
        public Ink shifted(double x, double y) {
            return new Radial((float) (this.x - x), (float) (this.y - y), radius, positions, colours);
        }

        @Override
        public Ink coloured(IntUnaryOperator other) {
            return new Radial(x, y, radius, positions, each(colours, other));
        }

        @Override
        public int code() {
            return CODE;
        }

        @Override
        public void write(ReelWords out) {
            out.put(x, y, radius).put(positions.length).put(positions).all(colours);
        }

        @Override
        public Object dump() {
            return Map.of("radial", colours.length);
        }

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

    /** Colours once around (x, y) from an angle on, degrees clockwise from "to the right", mixed as in a gradient. */
    record Conic(float x, float y, float angle, float[] positions, int[] colours) implements Ink {
        /** In reels; taken for ever. */
        static final int CODE = 17;

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.conic(this);
        }

        @Override
        public Ink shifted(double x, double y) {
            return new Conic((float) (this.x - x), (float) (this.y - y), angle, positions, colours);
        }

        @Override
        public Ink coloured(IntUnaryOperator other) {
            return new Conic(x, y, angle, positions, each(colours, other));
        }

        @Override
        public int code() {
            return CODE;
        }

        @Override
        public void write(ReelWords out) {
            out.put(x, y, angle).put(positions.length).put(positions).all(colours);
        }

        @Override
        public Object dump() {
            return Map.of("conic", colours.length);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Conic r
                    && r.x == x
                    && r.y == y
                    && r.angle == angle
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
    record Picture(String picture, float a, float d, float e, float f) implements Ink {
        /** In reels; taken for ever. */
        static final int CODE = 9;

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.picture(this);
        }

        @Override
        public Ink shifted(double x, double y) {
            return new Picture(picture, a, d, (float) (e - x), (float) (f - y));
        }

        @Override
        public Ink coloured(IntUnaryOperator other) {
            return this;
        }

        @Override
        public int code() {
            return CODE;
        }

        @Override
        public void write(ReelWords out) {
            out.picture(picture).put(a, d, e, f);
        }

        @Override
        public Object dump() {
            return Map.of("picture", picture);
        }
    }

    /**
     * Other paints, cut off at the outline. A point (u, v) of theirs lies at (a·u + e, d·v + f) of the outline's own space. It
     * never reaches a painter: a list that is built holds the paints themselves.
     */
    record Nested(DisplayList list, float a, float d, float e, float f) implements Ink {
        /** The paints in place of a fill with them. */
        void reach(PaintOp.Fill fill, Consumer<PaintOp> out) {
            if (list.paints().isEmpty() || fill.opacity() <= 0) {
                return;
            }
            out.accept(new PaintOp.Save());
            out.accept(new PaintOp.Clip(fill.outline()));
            out.accept(new PaintOp.Concat(a, 0, 0, d, e, f));
            // What is mixed is mixed inside its own scene.
            boolean group = fill.opacity() < 1 || list.mixes();
            if (group) {
                out.accept(new PaintOp.Layer(fill.opacity(), 0, 0));
            }
            list.paints().forEach(out);
            if (group) {
                out.accept(new PaintOp.Restore());
            }
            out.accept(new PaintOp.Restore());
        }

        @Override
        public <R> R match(Cases<R> cases) {
            throw unbuilt();
        }

        @Override
        public Ink shifted(double x, double y) {
            return new Nested(list, a, d, (float) (e - x), (float) (f - y));
        }

        @Override
        public Ink coloured(IntUnaryOperator other) {
            return this;
        }

        @Override
        public int code() {
            throw unbuilt();
        }

        @Override
        public void write(ReelWords out) {
            throw unbuilt();
        }

        @Override
        public Object dump() {
            throw unbuilt();
        }

        private static IllegalStateException unbuilt() {
            return new IllegalStateException("other paints stand in a list only until it is built");
        }
    }

    private static int[] each(int[] colours, IntUnaryOperator other) {
        return IntStream.of(colours).map(other).toArray();
    }
}
