package knollwind.paint;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Codec;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.skija.svg.SVGDOM;
import io.github.humbleui.types.Point;
import java.nio.charset.StandardCharsets;

/**
 * Makes a PNG of a picture file of any kind that is taken in: PNG, JPEG, WebP, GIF (its first picture) and SVG. The size a
 * file states is looked at before anything is unpacked.
 *
 * @param png sRGB, straight alpha
 */
public record PictureFile(int width, int height, byte[] png) {
    /** Most pixels of a picture. */
    static final long MOST_PIXELS = 64_000_000;

    /** px of a drawing that names no size. */
    private static final int SIDE = 2048;
    /**
     * Reads a picture file.
     *
     * @throws IllegalArgumentException with the reason when it is none, damaged or too large
     */
    public static PictureFile read(byte[] file) {
        String start = new String(file, 0, Math.min(file.length, 1000), StandardCharsets.UTF_8);
        return start.contains("<svg") || start.stripLeading().startsWith("<?xml") ? svg(file) : pixels(file);
    }

    private static PictureFile pixels(byte[] file) {
        Codec codec;
        try {
            codec = Codec.makeFromData(Data.makeFromBytes(file));
        } catch (RuntimeException e) {
            throw new IllegalArgumentException("this is no picture; PNG, JPEG, WebP, GIF and SVG can be read", e);
        }
        try (codec) {
            check(codec.getSize().getX(), codec.getSize().getY());
            try (Bitmap bitmap = codec.readPixels();
                    Image image = Image.makeRasterFromBitmap(bitmap)) {
                return encoded(image);
            } catch (RuntimeException e) {
                throw new IllegalArgumentException("the picture is damaged; it cannot be unpacked", e);
            }
        }
    }

    /** Scripts and whatever points outside the file are taken out before it is drawn. */
    private static PictureFile svg(byte[] file) {
        try (Data data = Data.makeFromBytes(SvgCleaner.clean(file));
                SVGDOM dom = new SVGDOM(data)) {
            if (dom.getRoot() == null) {
                throw new IllegalArgumentException("the SVG file is damaged; it cannot be read");
            }
            Point size = dom.getRoot().getIntrinsicSize(new io.github.humbleui.skija.svg.SVGLengthContext(SIDE, SIDE));
            float width = size.getX() > 0 ? size.getX() : SIDE;
            float height = size.getY() > 0 ? size.getY() : SIDE;
            // A drawing has no pixels of its own: its longer side gets as many as a large frame has.
            float scale = SIDE / Math.max(width, height);
            int across = Math.max(1, Math.round(width * scale));
            int down = Math.max(1, Math.round(height * scale));
            try (Surface surface =
                    Surface.makeRaster(new ImageInfo(across, down, ColorType.RGBA_8888, ColorAlphaType.PREMUL))) {
                surface.getCanvas().clear(0);
                surface.getCanvas().scale(scale, scale);
                dom.setContainerSize(width, height).render(surface.getCanvas());
                try (Image image = surface.makeImageSnapshot()) {
                    return encoded(image);
                }
            }
        } catch (IllegalArgumentException e) {
            throw e;
        } catch (RuntimeException e) {
            throw new IllegalArgumentException("the SVG file is damaged; it cannot be read", e);
        }
    }

    private static PictureFile encoded(Image image) {
        try (Data data = EncoderPNG.encode(image)) {
            return new PictureFile(image.getWidth(), image.getHeight(), data.getBytes());
        }
    }

    private static void check(long width, long height) {
        if (width * height > MOST_PIXELS || width > 16_384 || height > 16_384) {
            throw new IllegalArgumentException("the picture says it is " + width + " \u00d7 " + height + " px; at most "
                    + MOST_PIXELS / 1_000_000 + " million pixels and 16384 px a side can be taken in");
        }
    }
}
