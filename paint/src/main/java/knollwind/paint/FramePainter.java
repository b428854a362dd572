package knollwind.paint;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.ContentChangeMode;
import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.types.IRect;
import io.github.humbleui.types.Rect;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Piece;
import knollwind.core.frame.Footage;

/**
 * Paints display lists, one after the other, and paints anew only where a list differs from the one before. The pixels are those of
 * painting each list whole, whatever was painted before. Not safe for threads; close it when done.
 */
public final class FramePainter implements AutoCloseable {
    /** Of the frame: where more than that differs, painting it whole copies less. */
    private static final double MOST_DAMAGED = 0.6;

    /** px around damage that boxes are painted in: with a soft edge alone under a clip they differ. */
    private static final int EDGE = 8;

    private final Seen seen;
    private final int width;
    private final int height;
    private final Brush brush;
    private final boolean remembers;
    /** The last list. */
    private final Raster now;

    private final Ground ground;
    /** What is painted anew, before it is copied. */
    private Raster scratch;
    /** The mean of several lists; null where the last frame was one. */
    private Raster mean;

    private boolean blurred;
    /** Where the last frame is a mean. */
    private List<Area> mixed = List.of();

    private final Bitmap straight = new Bitmap();
    private final List<Unread> readers = new ArrayList<>();
    private final Unread byStraight;
    private final Unread byMean;

    private List<Piece> last;
    private long painted;
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
        this(Seen.asItIs(width, height), pictures, true);
    }

    private FramePainter(Seen seen, Function<String, byte[]> pictures, boolean remembers) {
        this.seen = seen;
        this.width = seen.width();
        this.height = seen.height();
        this.brush = new Brush(pictures, seen, remembers);
        this.remembers = remembers;
        this.now = new Raster(width, height);
        this.ground = new Ground(seen, (raster, piece) -> brush.paint(raster.canvas(), piece));
        this.byStraight = reader();
        this.byMean = reader();
        straight.allocPixels(new ImageInfo(width, height, ColorType.BGRA_8888, ColorAlphaType.UNPREMUL));
    }

    /** One that paints every list whole: what all painting is held to. */
    public static FramePainter whole(int width, int height, Function<String, byte[]> pictures) {
        return new FramePainter(Seen.asItIs(width, height), pictures, false);
    }

    /**
     * One that paints frames at another size than their own, as the page does.
     *
     * @param footage whose frames are painted
     * @param width px of what is painted
     */
    public static FramePainter seen(Footage footage, int width, int height, Function<String, byte[]> pictures) {
        double x = (double) width / footage.width();
        double y = (double) height / footage.height();
        return new FramePainter(new Seen(x, y, width, height), pictures, true);
    }

    /** Clears to transparent and paints the list. */
    public void paint(DisplayList list) {
        check();
        tell(mixed);
        mixed = List.of();
        blurred = false;
        show(Piece.of(list));
    }

    /** Paints the mean of several lists, of their values multiplied by alpha. */
    public void paint(List<DisplayList> lists) {
        paint(lists.get(0));
        if (lists.size() == 1) {
            return;
        }
        List<List<Piece>> samples = new ArrayList<>();
        List<Area> moving = new ArrayList<>();
        List<Piece> before = last;
        for (DisplayList list : lists) {
            Changes changes = Changes.between(before, Piece.of(list));
            moving.addAll(changes.areas(seen));
            before = changes.pieces();
            samples.add(before);
        }
        // Where nothing moves the mean is what is there.
        List<Area> areas = remembers ? Area.apart(moving) : List.of(now.whole());
        if (mean == null) {
            mean = new Raster(width, height);
        }
        byMean.take().forEach(area -> mean.take(now, area));
        for (List<Area> together : Sum.bands(areas)) {
            List<Sum> sums = together.stream().map(area -> new Sum(area, width)).toList();
            for (List<Piece> sample : samples) {
                show(sample);
                sums.forEach(sum -> sum.add(now.pixels()));
            }
            sums.forEach(sum -> sum.put(mean.pixels(), lists.size()));
        }
        mixed = areas;
        tell(mixed);
        blurred = true;
    }

    /** Tells from now on where the shown pixels are no longer those that it saw last. */
    Unread reader() {
        Unread reader = new Unread(now.whole());
        readers.add(reader);
        return reader;
    }

    private void tell(List<Area> painted) {
        readers.forEach(reader -> reader.add(painted));
    }

    /** Makes the present pixels those of a list. */
    private void show(List<Piece> pieces) {
        if (last == null || !remembers) {
            all(pieces, 0);
            last = pieces;
            return;
        }
        Changes changes = Changes.between(last, pieces);
        ground.settle(changes.pieces(), changes.common());
        last = changes.pieces();
        List<Area> damage = changes.areas(seen);
        long damaged = damage.stream().mapToLong(Area::pixels).sum();
        if (damaged > MOST_DAMAGED * width * height) {
            all(last, ground.count());
        } else if (damaged > 0) {
            anew(damage);
        }
    }

    private void all(List<Piece> pieces, int from) {
        now.take(from == 0 ? null : ground.raster(), now.whole());
        pieces.subList(from, pieces.size()).forEach(piece -> brush.paint(now.canvas(), piece));
        tell(List.of(now.whole()));
        painted += (long) width * height;
    }

    /** Paints what meets the damage elsewhere, no outline cut off by it, and copies the damage alone. */
    private void anew(List<Area> damage) {
        if (scratch == null) {
            scratch = new Raster(width, height);
        }
        damage.forEach(area -> scratch.take(ground.raster(), area));
        // Apart from each other, so that nothing is painted twice.
        List<Area> around = Area.apart(
                damage.stream().map(area -> area.grown(EDGE, scratch.whole())).toList());
        for (Piece piece : last.subList(ground.count(), last.size())) {
            Area reach = seen.reached(piece);
            if (damage.stream().noneMatch(reach::meets)) {
                continue;
            }
            if (piece.isCuttable()) {
                around.stream().filter(reach::meets).forEach(area -> within(area, piece));
            } else {
                brush.paint(scratch.canvas(), piece);
            }
        }
        damage.forEach(area -> now.take(scratch, area));
        tell(damage);
        painted += damage.stream().mapToLong(Area::pixels).sum();
    }

    /** Boxes are painted alike under a clip along x and y that leaves their soft edges whole, and a sky costs by the pixel. */
    private void within(Area area, Piece piece) {
        Canvas canvas = scratch.canvas();
        canvas.save();
        canvas.clipRect(Rect.makeLTRB(area.left(), area.top(), area.right(), area.bottom()));
        brush.paint(canvas, piece);
        canvas.restore();
    }

    /** How many pixels have been painted, whole frames and damage alike. */
    public long painted() {
        return painted;
    }

    /** Bytes outside the heap that hold pixels. */
    public long kept() {
        long frames = 2
                + ground.frames()
                + Stream.of(scratch, mean).filter(Objects::nonNull).count();
        return frames * 4 * width * height + keptLayers();
    }

    /** Bytes of them that hold layers which fade as a whole. */
    long keptLayers() {
        return brush.kept();
    }

    private Raster shown() {
        check();
        return blurred ? mean : now;
    }

    /** The painted pixels, 4 bytes each in the order blue, green, red, alpha, colours not multiplied by alpha. */
    public ByteBuffer straightPixels() {
        Raster shown = shown();
        for (Area area : byStraight.take()) {
            shown.surface().notifyContentWillChange(ContentChangeMode.RETAIN);
            try (Bitmap part = new Bitmap()) {
                straight.extractSubset(part, IRect.makeLTRB(area.left(), area.top(), area.right(), area.bottom()));
                shown.surface().readPixels(part, area.left(), area.top());
            }
        }
        return straight.peekPixels().getBuffer();
    }

    /** The painted pixels, 4 bytes each in the order blue, green, red, alpha, colours multiplied by alpha. */
    public ByteBuffer premultipliedPixels() {
        return shown().pixels().duplicate().rewind();
    }

    /** The painted picture as a PNG file with alpha. */
    public byte[] png() {
        shown().surface().notifyContentWillChange(ContentChangeMode.RETAIN);
        try (Image image = shown().surface().makeImageSnapshot();
                Data data = EncoderPNG.encode(image)) {
            return data.getBytes();
        }
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
        if (closed) {
            return;
        }
        closed = true;
        brush.close();
        straight.close();
        now.close();
        ground.close();
        for (Raster raster : new Raster[] {scratch, mean}) {
            if (raster != null) {
                raster.close();
            }
        }
    }
}
