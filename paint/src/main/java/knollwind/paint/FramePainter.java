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
import knollwind.core.geometry.Outline;

/**
 * Paints display lists onto one surface that is used again for every frame. Not safe for threads; close it when done. The
 * surface holds premultiplied sRGB values and mixes them as encoded.
 */
public final class FramePainter implements AutoCloseable {
    /** px that no contour is as long as. */
    private static final float UNDRAWN = 1e6f;

    private static final int MOST_PATHS = 4096;
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
        for (knollwind.core.display.PaintOp paint : list.paints()) {
            paint(canvas, paint);
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

    private void paint(Canvas canvas, knollwind.core.display.PaintOp paint) {
        if (paint instanceof knollwind.core.display.PaintOp.Save) {
            canvas.save();
        } else if (paint instanceof knollwind.core.display.PaintOp.Restore) {
            canvas.restore();
        } else if (paint instanceof knollwind.core.display.PaintOp.Concat m) {
            canvas.concat(new Matrix33(m.a(), m.c(), m.e(), m.b(), m.d(), m.f(), 0, 0, 1));
        } else if (paint instanceof knollwind.core.display.PaintOp.ConcatDeep deep) {
            canvas.concat(new Matrix44(deep.m()));
        } else if (paint instanceof knollwind.core.display.PaintOp.Clip clip) {
            canvas.clipPath(path(clip.outline()), true);
        } else if (paint instanceof knollwind.core.display.PaintOp.Layer layer) {
            layer(canvas, layer);
        } else if (paint instanceof knollwind.core.display.PaintOp.Mask) {
            try (Paint mask = new Paint().setBlendMode(BlendMode.DST_IN)) {
                canvas.saveLayer(null, mask);
            }
        } else if (paint instanceof knollwind.core.display.PaintOp.Stroke stroke) {
            stroke(canvas, stroke);
        } else if (paint instanceof knollwind.core.display.PaintOp.Fill fill) {
            fill(canvas, fill);
        }
    }

    private static void layer(Canvas canvas, knollwind.core.display.PaintOp.Layer layer) {
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

    private void fill(Canvas canvas, knollwind.core.display.PaintOp.Fill fill) {
        try (Paint paint = new Paint().setAntiAlias(true)) {
            fill(canvas, fill, paint);
        }
    }

    private void stroke(Canvas canvas, knollwind.core.display.PaintOp.Stroke stroke) {
        try (Paint paint = new Paint().setAntiAlias(true)) {
            paint.setMode(PaintMode.STROKE)
                    .setStrokeWidth(stroke.width())
                    .setStrokeCap(PaintStrokeCap.ROUND)
                    .setStrokeJoin(PaintStrokeJoin.ROUND);
            if (stroke.drawn() < 0) {
                fill(canvas, stroke.fill(), paint);
                return;
            }
            // One dash, and then nothing for longer than any contour.
            try (PathEffect dash = PathEffect.makeDash(new float[] {stroke.drawn(), UNDRAWN}, 0)) {
                paint.setPathEffect(dash);
                fill(canvas, stroke.fill(), paint);
            }
        }
    }

    private void fill(Canvas canvas, knollwind.core.display.PaintOp.Fill fill, Paint paint) {
        if (fill.ink() instanceof Ink.Plain plain) {
            int c = plain.argb();
            paint.setColor4f(new Color4f(
                    (c >> 16 & 255) / 255f,
                    (c >> 8 & 255) / 255f,
                    (c & 255) / 255f,
                    (c >>> 24) / 255f * fill.opacity()));
            canvas.drawPath(path(fill.outline()), paint);
            return;
        }
        try (Shader shader = shader(fill.ink())) {
            if (shader == null) {
                return;
            }
            paint.setShader(shader).setAlphaf(fill.opacity());
            canvas.drawPath(path(fill.outline()), paint);
        }
    }

    private Shader shader(Ink ink) {
        GradientStyle style = GradientStyle.DEFAULT.withPremul(false);
        if (ink instanceof Ink.Radial r) {
            return Shader.makeRadialGradient(r.x(), r.y(), r.radius(), r.colours(), r.positions(), style);
        }
        if (ink instanceof Ink.Picture p) {
            return pictures.computeIfAbsent(p.picture(), this::picture)
                    .map(image -> image.makeShader(
                            FilterTileMode.DECAL,
                            FilterTileMode.DECAL,
                            new FilterMipmap(FilterMode.LINEAR, MipmapMode.LINEAR),
                            new Matrix33(p.a(), 0, p.e(), 0, p.d(), p.f(), 0, 0, 1)))
                    .orElse(null);
        }
        Ink.Gradient g = (Ink.Gradient) ink;
        return Shader.makeLinearGradient(g.x0(), g.y0(), g.x1(), g.y1(), g.colours(), g.positions(), style);
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
