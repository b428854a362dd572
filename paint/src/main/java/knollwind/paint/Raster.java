package knollwind.paint;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ContentChangeMode;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import java.nio.ByteBuffer;

/** A frame of pixels to paint on: premultiplied sRGB values in the order blue, green, red, alpha, mixed as encoded. */
final class Raster implements AutoCloseable {
    private final int width;
    private final int height;
    private final Bitmap bitmap = new Bitmap();
    private final Surface surface;
    private final ByteBuffer pixels;

    Raster(int width, int height) {
        this.width = width;
        this.height = height;
        bitmap.allocPixels(new ImageInfo(width, height, ColorType.BGRA_8888, ColorAlphaType.PREMUL));
        // The surface paints into the bitmap itself: its pixels need not be copied to be read.
        surface = Surface.makeRasterDirect(bitmap.peekPixels());
        pixels = bitmap.peekPixels().getBuffer();
    }

    Canvas canvas() {
        return surface.getCanvas();
    }

    Surface surface() {
        return surface;
    }

    /** All pixels by rows, 4 bytes each. */
    ByteBuffer pixels() {
        return pixels;
    }

    Area whole() {
        return new Area(0, 0, width, height);
    }

    /** Takes over the pixels of another one of the same size; transparent ones of null. */
    void take(Raster from, Area area) {
        surface.notifyContentWillChange(ContentChangeMode.RETAIN);
        int row = 4 * (area.right() - area.left());
        byte[] nothing = from == null ? new byte[row] : null;
        if (from != null && area.left() == 0 && area.right() == width) {
            int at = row * area.top();
            pixels.put(at, from.pixels, at, row * (area.bottom() - area.top()));
            return;
        }
        for (int y = area.top(); y < area.bottom(); y++) {
            int at = 4 * (y * width + area.left());
            if (from == null) {
                pixels.put(at, nothing);
            } else {
                pixels.put(at, from.pixels, at, row);
            }
        }
    }

    @Override
    public void close() {
        surface.close();
        bitmap.close();
    }
}
