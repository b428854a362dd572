package knollwind.paint;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.BlendMode;
import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Color4f;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ContentChangeMode;
import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.FilterMipmap;
import io.github.humbleui.skija.FilterMode;
import io.github.humbleui.skija.FilterTileMode;
import io.github.humbleui.skija.GradientStyle;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageFilter;
import io.github.humbleui.skija.ImageInfo;
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
import io.github.humbleui.skija.Shader;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.types.Point;
import java.nio.ByteBuffer;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Outline;

/**
 * Paints display lists onto one surface that is used again for every frame. Not safe for threads; close it when done. The
 * surface holds premultiplied sRGB values and mixes them as encoded.
 */
public final class FramePainter implements AutoCloseable {
    /** px that no contour is as long as. */
    private static final float UNDRAWN = 1e6f;

    /** Paths that are kept ready, outside the heap; with fewer, those of a scene of many words would be made anew for each frame. */
    private static final int MOST_PATHS = 4096;

    /** Decoded pictures: two hundred frames of 1920 × 1080 are 1.6 GB. */
    private static final int MOST_PICTURES = 200;

    private static final PathVerb[] VERBS = PathVerb.values();

    private final int width;
    private final int height;
    private final Surface surface;
    private final Bitmap straight = new Bitmap();
    private final Bitmap premultiplied = new Bitmap();
    private final Map<Long, Path> paths = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Path> eldest) {
            boolean full = size() > MOST_PATHS;
            if (full) {
                eldest.getValue().close();
            }
            return full;
        }
    };
    private final Function<String, byte[]> files;
    private final Map<String, Optional<Image>> pictures = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Optional<Image>> eldest) {
            boolean full = size() > MOST_PICTURES;
            if (full) {
                eldest.getValue().ifPresent(Image::close);
            }
            return full;
        }
    };
    private boolean closed;

    /** A painter for frames of this size in px, without pictures. */
    public FramePainter(int width, int height) {
        this(width, height, id -> null);
    }

    /**
     * A painter for frames of this size in px.
     *
     * @param pictures files of pictures and of frames of films, by the names of their inks; null for those that are not there, which are not painted
     */
    public FramePainter(int width, int height, Function<String, byte[]> pictures) {
        this.files = pictures;
        this.width = width;
        this.height = height;
        straight.allocPixels(new ImageInfo(width, height, ColorType.BGRA_8888, ColorAlphaType.UNPREMUL));
        premultiplied.allocPixels(new ImageInfo(width, height, ColorType.BGRA_8888, ColorAlphaType.PREMUL));
        // The surface paints into the bitmap itself: its pixels need not be copied to be read.
        this.surface = Surface.makeRasterDirect(premultiplied.peekPixels());
    }

    /** Clears the surface to transparent and paints the list. */
    public void paint(DisplayList list) {
        check();
        Canvas canvas = surface.getCanvas();
        canvas.clear(0);
        int before = canvas.save();
        Brush brush = new Brush(canvas);
        for (PaintOp paint : list.paints()) {
            paint.match(brush);
        }
        canvas.restoreToCount(before);
    }

    /** Paints the mean of several lists, of their values multiplied by alpha. */
    public void paint(List<DisplayList> lists) {
        paint(lists.get(0));
        if (lists.size() == 1) {
            return;
        }
        ByteBuffer pixels = premultiplied.peekPixels().getBuffer();
        int[] sums = new int[4 * width * height];
        for (int i = 0; i < lists.size(); i++) {
            if (i > 0) {
                paint(lists.get(i));
            }
            for (int k = 0; k < sums.length; k++) {
                sums[k] += pixels.get(k) & 255;
            }
        }
        int count = lists.size();
        for (int k = 0; k < sums.length; k++) {
            pixels.put(k, (byte) ((sums[k] + count / 2) / count));
        }
        surface.notifyContentWillChange(ContentChangeMode.RETAIN);
    }

    /** The painted pixels, 4 bytes each in the order blue, green, red, alpha, colours not multiplied by alpha. */
    public ByteBuffer straightPixels() {
        check();
        surface.readPixels(straight, 0, 0);
        return straight.peekPixels().getBuffer();
    }

    /** The painted pixels, 4 bytes each in the order blue, green, red, alpha, colours multiplied by alpha. */
    public ByteBuffer premultipliedPixels() {
        check();
        return premultiplied.peekPixels().getBuffer();
    }

    /** The painted picture as a PNG file with alpha. */
    public byte[] png() {
        check();
        try (Image image = surface.makeImageSnapshot();
                Data data = EncoderPNG.encode(image)) {
            return data.getBytes();
        }
    }

    /** What each operation does to a canvas. */
    private final class Brush implements PaintOp.Cases {
        private final Canvas canvas;

        Brush(Canvas canvas) {
            this.canvas = canvas;
        }

        @Override
        public void save(PaintOp.Save save) {
            canvas.save();
        }

        @Override
        public void restore(PaintOp.Restore restore) {
            canvas.restore();
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
            try (Paint paint = new Paint().setAlphaf(layer.opacity())) {
                if (layer.blurX() > 0 || layer.blurY() > 0) {
                    try (ImageFilter blur = ImageFilter.makeBlur(layer.blurX(), layer.blurY(), FilterTileMode.DECAL)) {
                        paint.setImageFilter(blur);
                        canvas.saveLayer(null, paint);
                    }
                } else {
                    canvas.saveLayer(null, paint);
                }
            }
        }

        @Override
        public void mask(PaintOp.Mask opened) {
            try (Paint mask = new Paint().setBlendMode(BlendMode.DST_IN)) {
                canvas.saveLayer(null, mask);
            }
        }

        @Override
        public void fill(PaintOp.Fill fill) {
            try (Paint paint = new Paint().setAntiAlias(true)) {
                fill(fill, paint);
            }
        }

        @Override
        public void stroke(PaintOp.Stroke stroke) {
            try (Paint paint = new Paint().setAntiAlias(true)) {
                paint.setMode(PaintMode.STROKE)
                        .setStrokeWidth(stroke.width())
                        .setStrokeCap(PaintStrokeCap.ROUND)
                        .setStrokeJoin(PaintStrokeJoin.ROUND);
                if (stroke.drawn() < 0) {
                    fill(stroke.fill(), paint);
                    return;
                }
                // One dash, and then nothing for longer than any contour.
                try (PathEffect dash = PathEffect.makeDash(new float[] {stroke.drawn(), UNDRAWN}, 0)) {
                    paint.setPathEffect(dash);
                    fill(stroke.fill(), paint);
                }
            }
        }

        private void fill(PaintOp.Fill fill, Paint paint) {
            if (fill.ink().match(new Dip(paint, fill.opacity()))) {
                canvas.drawPath(path(fill.outline()), paint);
            }
        }
    }

    /** Gives a paint an ink; false where there is nothing to paint with. */
    private final class Dip implements Ink.Cases<Boolean> {
        private static final GradientStyle STRAIGHT = GradientStyle.DEFAULT.withPremul(false);

        private final Paint paint;
        private final float opacity;

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
                    Shader.makeLinearGradient(g.x0(), g.y0(), g.x1(), g.y1(), g.colours(), g.positions(), STRAIGHT));
        }

        @Override
        public Boolean radial(Ink.Radial r) {
            return shade(Shader.makeRadialGradient(r.x(), r.y(), r.radius(), r.colours(), r.positions(), STRAIGHT));
        }

        @Override
        public Boolean picture(Ink.Picture p) {
            return pictures.computeIfAbsent(p.picture(), FramePainter.this::picture)
                    .map(image -> shade(image.makeShader(
                            FilterTileMode.DECAL,
                            FilterTileMode.DECAL,
                            new FilterMipmap(FilterMode.LINEAR, MipmapMode.LINEAR),
                            new Matrix33(p.a(), 0, p.e(), 0, p.d(), p.f(), 0, 0, 1))))
                    .orElse(false);
        }

        /** The paint holds on to the shader. */
        private boolean shade(Shader shader) {
            try (shader) {
                paint.setShader(shader).setAlphaf(opacity);
            }
            return true;
        }
    }

    private Optional<Image> picture(String id) {
        return Optional.ofNullable(files.apply(id)).map(Image::makeDeferredFromEncodedBytes);
    }

    private Path path(Outline outline) {
        return paths.computeIfAbsent(outline.id(), id -> {
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

    private void check() {
        if (closed) {
            throw new IllegalStateException("the painter is closed");
        }
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            paths.values().forEach(Path::close);
            pictures.values().forEach(picture -> picture.ifPresent(Image::close));
            straight.close();
            premultiplied.close();
            surface.close();
        }
    }
}
