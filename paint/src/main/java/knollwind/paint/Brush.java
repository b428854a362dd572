package knollwind.paint;

import io.github.humbleui.skija.BlendMode;
import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Color4f;
import io.github.humbleui.skija.ColorFilter;
import io.github.humbleui.skija.ColorMatrix;
import io.github.humbleui.skija.FilterMipmap;
import io.github.humbleui.skija.FilterMode;
import io.github.humbleui.skija.FilterTileMode;
import io.github.humbleui.skija.GradientStyle;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageFilter;
import io.github.humbleui.skija.Matrix33;
import io.github.humbleui.skija.Matrix44;
import io.github.humbleui.skija.MipmapMode;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.PaintMode;
import io.github.humbleui.skija.PaintStrokeCap;
import io.github.humbleui.skija.PaintStrokeJoin;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.PathEffect;
import io.github.humbleui.skija.PathFillMode;
import io.github.humbleui.skija.PathVerb;
import io.github.humbleui.skija.SamplingMode;
import io.github.humbleui.skija.Shader;
import io.github.humbleui.types.Point;
import io.github.humbleui.types.Rect;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import knollwind.core.display.Ink;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.display.Piece;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** What each operation does to a canvas. Keeps paths and pictures ready. Not safe for threads; close it when done. */
final class Brush implements AutoCloseable {
    /** Paths that are kept ready, outside the heap; with fewer, those of a scene of many words would be made anew for each frame. */
    private static final int MOST_PATHS = 4096;

    /** Bytes of the files of pictures and of frames of films that are kept. */
    private static final long MOST_BYTES = 256L << 20;

    /** px: layers begin on this grid, as the pattern that dithers gradients does. */
    private static final int GRID = 8;

    /** px by which the bounds of a layer are told smaller. */
    private static final float INSIDE = 0.25f;

    private static final PathVerb[] VERBS = PathVerb.values();

    private static final Map<Mixing, BlendMode> MIXINGS = Map.ofEntries(
            Map.entry(Mixing.NORMAL, BlendMode.SRC_OVER),
            Map.entry(Mixing.PLUS_LIGHTER, BlendMode.PLUS),
            Map.entry(Mixing.MULTIPLY, BlendMode.MULTIPLY),
            Map.entry(Mixing.SCREEN, BlendMode.SCREEN),
            Map.entry(Mixing.OVERLAY, BlendMode.OVERLAY),
            Map.entry(Mixing.DARKEN, BlendMode.DARKEN),
            Map.entry(Mixing.LIGHTEN, BlendMode.LIGHTEN),
            Map.entry(Mixing.COLOR_DODGE, BlendMode.COLOR_DODGE),
            Map.entry(Mixing.COLOR_BURN, BlendMode.COLOR_BURN),
            Map.entry(Mixing.HARD_LIGHT, BlendMode.HARD_LIGHT),
            Map.entry(Mixing.SOFT_LIGHT, BlendMode.SOFT_LIGHT),
            Map.entry(Mixing.DIFFERENCE, BlendMode.DIFFERENCE),
            Map.entry(Mixing.EXCLUSION, BlendMode.EXCLUSION),
            Map.entry(Mixing.HUE, BlendMode.HUE),
            Map.entry(Mixing.SATURATION, BlendMode.SATURATION),
            Map.entry(Mixing.COLOR, BlendMode.COLOR),
            Map.entry(Mixing.LUMINOSITY, BlendMode.LUMINOSITY));

    private final Shelf<Long, Path> paths = new Shelf<>(MOST_PATHS, path -> 1);
    private final Shelf<String, Picture> pictures = new Shelf<>(MOST_BYTES, Picture::bytes);
    private final Function<String, byte[]> files;
    private final Seen seen;
    /** Null where all is painted anew. */
    private final KeptLayers layers;
    /** For fills in one colour: a new one for each letter costs as much as a small letter does. */
    private final Paint plain = new Paint().setAntiAlias(true);

    /**
     * A picture as a file, unpacked when it is painted.
     *
     * @param image null for one that is not there
     */
    private record Picture(Image image, long bytes) implements AutoCloseable {
        @Override
        public void close() {
            if (image != null) {
                image.close();
            }
        }
    }

    /**
     * @param files of pictures and of frames of films, by the names of their inks; null for those that are not there
     * @param seen how large what is painted is seen
     * @param keeps whether layers are kept that come again
     */
    Brush(Function<String, byte[]> files, Seen seen, boolean keeps) {
        this.files = files;
        this.seen = seen;
        this.layers = keeps ? new KeptLayers(seen, this::anew) : null;
    }

    /** Paints a piece, leaving the canvas as it was found. */
    void paint(Canvas canvas, Piece piece) {
        if (layers == null || !layers.lay(canvas, piece)) {
            anew(canvas, piece);
        }
    }

    private void anew(Canvas canvas, Piece piece) {
        int before = canvas.save();
        if (!seen.isAsItIs()) {
            canvas.scale((float) seen.x(), (float) seen.y());
        }
        Stroking stroking = new Stroking(canvas);
        List<PaintOp> paints = piece.paints();
        for (int i = 0; i < paints.size(); i++) {
            stroking.room = piece.room(i);
            paints.get(i).match(stroking);
        }
        canvas.restoreToCount(before);
    }

    private final class Stroking implements PaintOp.Cases {
        private final Canvas canvas;
        /** How deep the canvas was where each save and layer was opened. */
        private final Deque<Integer> opened = new ArrayDeque<>();
        /** Of the operation that is next; null where it needs all there is. */
        private Box room;

        Stroking(Canvas canvas) {
            this.canvas = canvas;
        }

        @Override
        public void save(PaintOp.Save save) {
            opened.push(canvas.save());
        }

        @Override
        public void restore(PaintOp.Restore restore) {
            canvas.restoreToCount(opened.pop());
        }

        @Override
        public void concat(PaintOp.Concat m) {
            canvas.concat(new Matrix33(m.a(), m.c(), m.e(), m.b(), m.d(), m.f(), 0, 0, 1));
        }

        @Override
        public void concatDeep(PaintOp.ConcatDeep deep) {
            canvas.concat(new Matrix44(deep.m()));
        }

        @Override
        public void clip(PaintOp.Clip clip) {
            canvas.clipPath(path(clip.outline()), true);
        }

        @Override
        public void layer(PaintOp.Layer layer) {
            open(layer.opacity(), layer.blurX(), layer.blurY(), layer.coarse(), BlendMode.SRC_OVER);
        }

        @Override
        public void mixed(PaintOp.Mixed mixed) {
            open(mixed.opacity(), mixed.blurX(), mixed.blurY(), mixed.coarse(), MIXINGS.get(mixed.mixing()));
        }

        private void open(float opacity, float blurX, float blurY, int coarse, BlendMode mode) {
            try (Paint paint = new Paint().setAlphaf(opacity).setBlendMode(mode)) {
                opened.push(canvas.getSaveCount());
                try (ImageFilter blur = blur(blurX / coarse, blurY / coarse);
                        ImageFilter large = coarse == 1 ? null : enlarged(blur, coarse)) {
                    canvas.saveLayer(
                            room == null ? null : finer(inMatrix(bounds()), coarse),
                            paint.setImageFilter(coarse == 1 ? blur : large));
                }
                if (coarse > 1) {
                    canvas.scale(1f / coarse, 1f / coarse);
                }
            }
        }

        /** What a coarse layer holds is drawn smaller. */
        private static Rect finer(Rect bounds, int coarse) {
            return bounds == null || coarse == 1 ? bounds : bounds.scale(1f / coarse);
        }

        private static ImageFilter enlarged(ImageFilter small, int times) {
            return ImageFilter.makeMatrixTransform(Matrix33.makeScale(times), SamplingMode.LINEAR, small);
        }

        private static ImageFilter blur(float x, float y) {
            return x > 0 || y > 0 ? ImageFilter.makeBlur(x, y, FilterTileMode.DECAL) : null;
        }

        /** Of the canvas, a little smaller than whole pixels: rounding must not make them larger. */
        private Rect bounds() {
            Box box = seen.of(room);
            return Rect.makeLTRB(
                    (float) (Math.floor(box.left() / GRID) * GRID) + INSIDE,
                    (float) (Math.floor(box.top() / GRID) * GRID) + INSIDE,
                    (float) Math.ceil(box.right()) - INSIDE,
                    (float) Math.ceil(box.bottom()) - INSIDE);
        }

        /** A box of the canvas as the matrix in force has it; null where that turns it. */
        private Rect inMatrix(Rect box) {
            float[] m = canvas.getLocalToDeviceAsMatrix33().getMat();
            boolean straight = m[1] == 0 && m[3] == 0 && m[0] > 0 && m[4] > 0 && m[6] == 0 && m[7] == 0;
            return straight
                    ? Rect.makeLTRB(
                            (box.getLeft() - m[2]) / m[0],
                            (box.getTop() - m[5]) / m[4],
                            (box.getRight() - m[2]) / m[0],
                            (box.getBottom() - m[5]) / m[4])
                    : null;
        }

        @Override
        public void mask(PaintOp.Mask mask) {
            takeAway(BlendMode.DST_IN);
        }

        @Override
        public void cut(PaintOp.Cut cut) {
            takeAway(BlendMode.DST_OUT);
        }

        @Override
        public void bright(PaintOp.Bright bright) {
            opened.push(canvas.getSaveCount());
            float gain = bright.gain();
            ColorMatrix brightness = new ColorMatrix(
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0,
                    0.2126f * gain,
                    0.7152f * gain,
                    0.0722f * gain,
                    0,
                    bright.offset());
            try (Paint paint = new Paint();
                    ColorFilter filter = ColorFilter.makeMatrix(brightness)) {
                canvas.saveLayer(null, paint.setColorFilter(filter));
            }
        }

        private void takeAway(BlendMode mode) {
            opened.push(canvas.getSaveCount());
            try (Paint paint = new Paint().setBlendMode(mode)) {
                canvas.saveLayer(null, paint);
            }
        }

        @Override
        public void fill(PaintOp.Fill fill) {
            if (fill(fill, plain)) {
                plain.reset().setAntiAlias(true);
            }
        }

        @Override
        public void stroke(PaintOp.Stroke stroke) {
            try (Paint paint = new Paint().setAntiAlias(true)) {
                paint.setMode(PaintMode.STROKE)
                        .setStrokeWidth(stroke.width())
                        .setStrokeCap(stroke.sharp() ? PaintStrokeCap.BUTT : PaintStrokeCap.ROUND)
                        .setStrokeJoin(stroke.sharp() ? PaintStrokeJoin.MITER : PaintStrokeJoin.ROUND);
                try (PathEffect dashes = dashes(stroke.dashes())) {
                    paint.setPathEffect(dashes);
                    fill(stroke.fill(), paint);
                }
            }
        }

        private static PathEffect dashes(List<Float> dashes) {
            float[] flat = new float[dashes.size()];
            for (int i = 0; i < flat.length; i++) {
                flat[i] = dashes.get(i);
            }
            return flat.length == 0 ? null : PathEffect.makeDash(flat, 0);
        }

        @Override
        public void fade(PaintOp.Fade fade) {
            try (Paint paint = new Paint().setAntiAlias(true).setBlendMode(BlendMode.DST_IN)) {
                fill(fade.fill(), paint);
            }
        }

        /** True where the paint holds more than a colour now. */
        private boolean fill(PaintOp.Fill fill, Paint paint) {
            Dip dip = new Dip(paint, fill.opacity());
            if (fill.ink().match(dip)) {
                canvas.drawPath(path(fill.outline()), paint);
            }
            return dip.shaded;
        }
    }

    /** Gives a paint an ink; false where there is nothing to paint with. */
    private final class Dip implements Ink.Cases<Boolean> {
        private static final GradientStyle STRAIGHT = GradientStyle.DEFAULT.withPremul(false);

        private final Paint paint;
        private final float opacity;
        private boolean shaded;

        Dip(Paint paint, float opacity) {
            this.paint = paint;
            this.opacity = opacity;
        }

        @Override
        public Boolean plain(Ink.Plain plain) {
            int c = plain.argb();
            paint.setColor4f(new Color4f(
                    (c >> 16 & 255) / 255f, (c >> 8 & 255) / 255f, (c & 255) / 255f, (c >>> 24) / 255f * opacity));
            return true;
        }

        @Override
        public Boolean gradient(Ink.Gradient g) {
            return shade(
                    Shader.makeLinearGradient(g.x0(), g.y0(), g.x1(), g.y1(), g.colours(), g.positions(), STRAIGHT),
                    true);
        }

        @Override
        public Boolean radial(Ink.Radial r) {
            return shade(
                    Shader.makeRadialGradient(r.x(), r.y(), r.radius(), r.colours(), r.positions(), STRAIGHT), true);
        }

        @Override
        public Boolean conic(Ink.Conic c) {
            double radians = Math.toRadians(c.angle());
            float cos = (float) Math.cos(radians);
            float sin = (float) Math.sin(radians);
            // Turned about its point.
            Matrix33 turned = new Matrix33(
                    cos, -sin, c.x() - cos * c.x() + sin * c.y(), sin, cos, c.y() - sin * c.x() - cos * c.y(), 0, 0, 1);
            return shade(
                    Shader.makeSweepGradient(
                            c.x(), c.y(), 0, 360, c.colours(), c.positions(), STRAIGHT.withLocalMatrix(turned)),
                    true);
        }

        @Override
        public Boolean picture(Ink.Picture p) {
            Image image = pictures.get(p.picture(), Brush.this::picture).image();
            return image != null
                    && shade(
                            image.makeShader(
                                    FilterTileMode.DECAL,
                                    FilterTileMode.DECAL,
                                    new FilterMipmap(FilterMode.LINEAR, MipmapMode.LINEAR),
                                    new Matrix33(p.a(), 0, p.e(), 0, p.d(), p.f(), 0, 0, 1)),
                            false);
        }

        /**
         * The paint holds on to the shader.
         *
         * @param dithered by a pattern that lies on the frame: without it dark gradients show their steps
         */
        private boolean shade(Shader shader, boolean dithered) {
            try (shader) {
                shaded = true;
                paint.setShader(shader).setAlphaf(opacity).setDither(dithered);
            }
            return true;
        }
    }

    private Picture picture(String id) {
        byte[] file = files.apply(id);
        return file == null ? new Picture(null, 0) : new Picture(Image.makeDeferredFromEncodedBytes(file), file.length);
    }

    private Path path(Outline outline) {
        return paths.get(outline.id(), id -> {
            PathVerb[] verbs = new PathVerb[outline.verbs().length];
            for (int i = 0; i < verbs.length; i++) {
                verbs[i] = VERBS[outline.verbs()[i]];
            }
            Point[] points = new Point[outline.points().length / 2];
            for (int i = 0; i < points.length; i++) {
                points[i] = new Point(outline.points()[2 * i], outline.points()[2 * i + 1]);
            }
            return Path.makeRaw(points, verbs, new float[0], PathFillMode.WINDING);
        });
    }

    /** Bytes outside the heap that hold pixels. */
    long kept() {
        return layers == null ? 0 : layers.bytes();
    }

    @Override
    public void close() {
        if (layers != null) {
            layers.close();
        }
        plain.close();
        paths.close();
        pictures.close();
    }
}
