package knollwind.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.types.IRect;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import knollwind.core.display.PaintOp;
import knollwind.core.display.Piece;

/**
 * What fades as a whole, as pixels: painted once and then laid down at each opacity, which gives the same pixels as its layer does. Not
 * safe for threads; close it when done.
 */
final class KeptLayers implements AutoCloseable {
    /** Of pixels. */
    private static final long MOST_BYTES = 64L << 20;

    /** Contents of which it is remembered that they were there: they are kept when they come again. */
    private static final int MOST_SEEN = 4096;

    private final Seen seen;
    private final BiConsumer<Canvas, Piece> brush;
    private final Shelf<List<PaintOp>, Kept> kept = new Shelf<>(MOST_BYTES, Kept::bytes);
    /** By the hashes of contents; two that have the same are only kept sooner. */
    private final Map<Integer, Boolean> once = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Integer, Boolean> eldest) {
            return size() > MOST_SEEN;
        }
    };
    /** As large as the frame: on a smaller one, outlines would be moved and their numbers rounded in another way. */
    private Raster raster;

    private record Kept(Image image, Area area) implements AutoCloseable {
        long bytes() {
            return 4 * area.pixels();
        }

        @Override
        public void close() {
            image.close();
        }
    }

    /** @param brush paints a piece that is not kept */
    KeptLayers(Seen seen, BiConsumer<Canvas, Piece> brush) {
        this.seen = seen;
        this.brush = brush;
    }

    /** Lays down what the piece paints; false where it is no layer, or one that has not been seen before. */
    boolean lay(Canvas canvas, Piece piece) {
        List<PaintOp> contents = piece.contents();
        if (contents == null) {
            return false;
        }
        Area area = seen.reached(piece);
        boolean again = kept.holds(contents) || once.put(contents.hashCode(), true) != null;
        if (!again || area.pixels() == 0) {
            return false;
        }
        Kept one = kept.get(contents, key -> keep(key, area));
        try (Paint paint = new Paint().setAlphaf(((PaintOp.Layer) piece.paints().get(0)).opacity())) {
            canvas.drawImage(one.image, area.left(), area.top(), paint);
        }
        return true;
    }

    private Kept keep(List<PaintOp> contents, Area area) {
        if (raster == null) {
            raster = new Raster(seen.width(), seen.height());
        }
        raster.take(null, area);
        brush.accept(raster.canvas(), Piece.layer(contents));
        Image image = raster.surface()
                .makeImageSnapshot(IRect.makeLTRB(area.left(), area.top(), area.right(), area.bottom()));
        return new Kept(image, area);
    }

    /** Bytes outside the heap. */
    long bytes() {
        return kept.filled() + (raster == null ? 0 : 4 * raster.whole().pixels());
    }

    @Override
    public void close() {
        kept.close();
        if (raster != null) {
            raster.close();
        }
    }
}
