package knollwind.core.display;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Reads the binary form back, for tools and tests. Every outline must be in the reel itself. */
public final class ReelReader {
    /** Words. */
    private static final int ID = 2;

    /** Words. */
    private static final int BOX = 4;

    private final ReelSource in;

    private ReelReader(byte[] bytes) {
        this.in = new ReelSource(bytes);
    }

    /**
     * The reel in the bytes.
     *
     * @throws IllegalArgumentException when they are no reel of this version, or cut short
     */
    public static Reel read(byte[] bytes) {
        try {
            return new ReelReader(bytes).reel();
        } catch (java.nio.BufferUnderflowException e) {
            throw new IllegalArgumentException("the reel is cut short", e);
        }
    }

    private Reel reel() {
        if (in.whole() != ReelWriter.MAGIC || in.whole() != ReelWriter.VERSION) {
            throw new IllegalArgumentException("this is not a reel of version " + ReelWriter.VERSION);
        }
        int width = in.whole();
        int height = in.whole();
        int from = in.whole();
        int to = in.whole();
        int count = in.whole();
        for (int i = 0; i < count; i++) {
            in.keep(outline());
        }
        int pictureCount = in.whole();
        for (int i = 0; i < pictureCount; i++) {
            in.keep(in.text());
        }
        List<Reel.Row> rows = new ArrayList<>();
        int rowCount = in.whole();
        for (int i = 0; i < rowCount; i++) {
            rows.add(row(to - from));
        }
        return new Reel(width, height, from, to, rows);
    }

    private Outline outline() {
        long id = in.whole() & 0xFFFFFFFFL | (long) in.whole() << 32;
        int verbCount = in.whole();
        if (verbCount == ReelWriter.KNOWN) {
            throw new IllegalArgumentException("the reel leaves out the outline " + Long.toHexString(id));
        }
        float[] points = new float[in.whole()];
        byte[] verbs = in.bytes(verbCount);
        Box box = Box.EMPTY;
        for (int i = 0; i < points.length; i++) {
            points[i] = in.number();
            if (i % 2 == 1) {
                box = box.union(new Box(points[i - 1], points[i], points[i - 1], points[i]));
            }
        }
        return new Outline(id, verbs, points, box);
    }

    private Reel.Row row(int frameCount) {
        String name = in.text();
        List<List<PaintOp>> pieces = new ArrayList<>();
        int pieceCount = in.whole();
        for (int i = 0; i < pieceCount; i++) {
            pieces.add(piece());
        }
        List<DisplayList> lists = new ArrayList<>();
        int listCount = in.whole();
        for (int i = 0; i < listCount; i++) {
            List<PaintOp> paints = new ArrayList<>();
            for (int place : in.wholes(in.whole())) {
                paints.addAll(pieces.get(place));
            }
            lists.add(new DisplayList(paints));
        }
        int[] frames = in.wholes(frameCount);
        float[] bounds = in.numbers(4 * frameCount);
        return new Reel.Row(name, lists, frames, bounds);
    }

    /** Its ids, its reach, whether it can be cut and the rooms of its layers follow from its operations. */
    private List<PaintOp> piece() {
        in.wholes(2 * ID);
        in.numbers(BOX);
        in.whole();
        in.numbers(BOX * in.whole());
        int end = in.whole() * 4 + in.position();
        List<PaintOp> paints = new ArrayList<>();
        while (in.position() < end) {
            paints.add(PaintOp.read(in.whole(), in));
        }
        return paints;
    }
}
