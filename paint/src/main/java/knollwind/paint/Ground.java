package knollwind.paint;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Stream;
import knollwind.core.display.Piece;

/** The first pieces of the last list as pixels, as many as have rested. Close it when done. */
final class Ground implements AutoCloseable {
    /** Frames through which pieces must have rested before they are kept as pixels: a hold is longer, a step of a move is not. */
    private static final int STEADY = 2;

    /** Frames after which pieces have stood for long. */
    private static final int LASTING = 12;

    private final int width;
    private final int height;
    private final Function<Piece, Area> reach;
    private final BiConsumer<Raster, Piece> paint;
    private Raster raster;
    /** The first piece alone, where it covers the frame: all others come and go before it. */
    private Raster first;
    /** Those of its first pieces that had stood for long when others went: it may fall back to them again and again. */
    private Raster floor;

    private int count;
    private int floored;
    /** Frames since pieces last went from it. */
    private int standing;
    /** How many of the first pieces stayed the same at the last frame. */
    private int resting;
    /** For every piece the frame at which it, or one beneath it, last was another. */
    private int[] changed = {};

    private int frame;

    /** @param paint paints a piece onto pixels */
    Ground(Seen seen, BiConsumer<Raster, Piece> paint) {
        this.width = seen.width();
        this.height = seen.height();
        this.reach = seen::reached;
        this.paint = paint;
    }

    /** How many of the first pieces it holds. */
    int count() {
        return count;
    }

    /** Its pixels; null, which is transparent, as long as it holds none. */
    Raster raster() {
        return count == 0 ? null : raster;
    }

    /** Frames that it keeps. */
    int frames() {
        return (int) Stream.of(raster, first, floor).filter(Objects::nonNull).count();
    }

    /**
     * Goes over to the next list.
     *
     * @param pieces of that list
     * @param common how many of the first are those of the list before
     */
    void settle(List<Piece> pieces, int common) {
        note(pieces.size(), common);
        if (common < count) {
            fall(pieces, common);
        }
        // Where less rests from frame to frame, nothing is gained by keeping it each time.
        standing++;
        int rested = Math.min(resting, common);
        resting = common;
        if (rested > count && standing >= STEADY) {
            if (count == 0) {
                begin(pieces.get(0));
            }
            add(pieces, rested);
        }
    }

    private void note(int size, int common) {
        frame++;
        int before = changed.length;
        if (size > before) {
            changed = Arrays.copyOf(changed, size);
        }
        Arrays.fill(changed, Math.min(common, before), changed.length, frame);
    }

    /** Only what had stood for long is painted again at once: where one piece after the other sets out, that would be done each time. */
    private void fall(List<Piece> pieces, int common) {
        if (floored > common) {
            floored = 0;
        }
        if (floored > 0) {
            raster.take(floor, raster.whole());
            count = floored;
        } else if (first != null && common > 0) {
            raster.take(first, raster.whole());
            count = 1;
        } else {
            count = 0;
        }
        boolean lasted = standing >= LASTING && common > 0 && frame - changed[common - 1] >= LASTING;
        if (lasted && common > count) {
            if (count == 0) {
                begin(pieces.get(0));
            }
            add(pieces, common);
            if (floor == null) {
                floor = new Raster(width, height);
            }
            floor.take(raster, raster.whole());
            floored = count;
        }
        standing = 0;
    }

    private void begin(Piece lowest) {
        if (raster == null) {
            raster = new Raster(width, height);
        }
        raster.take(null, raster.whole());
        paint.accept(raster, lowest);
        count = 1;
        boolean covers = reach.apply(lowest).equals(raster.whole());
        if (covers && first == null) {
            first = new Raster(width, height);
        }
        if (covers) {
            first.take(raster, raster.whole());
        } else if (first != null) {
            first.close();
            first = null;
        }
    }

    private void add(List<Piece> pieces, int end) {
        pieces.subList(count, end).forEach(piece -> paint.accept(raster, piece));
        count = end;
    }

    @Override
    public void close() {
        for (Raster kept : new Raster[] {raster, first, floor}) {
            if (kept != null) {
                kept.close();
            }
        }
    }
}
