package knollwind.core.display;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Reads the binary form back, for tools and tests. Every outline must be in the reel itself. */
public final class ReelReader {
    private final ByteBuffer in;
    private final List<Outline> outlines = new ArrayList<>();
    private final List<String> pictures = new ArrayList<>();

    private ReelReader(byte[] bytes) {
        this.in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
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
        if (in.getInt() != ReelWriter.MAGIC || in.getInt() != ReelWriter.VERSION) {
            throw new IllegalArgumentException("this is not a reel of version " + ReelWriter.VERSION);
        }
        int width = in.getInt();
        int height = in.getInt();
        int from = in.getInt();
        int to = in.getInt();
        int count = in.getInt();
        for (int i = 0; i < count; i++) {
            outlines.add(outline());
        }
        int pictureCount = in.getInt();
        for (int i = 0; i < pictureCount; i++) {
            pictures.add(text());
        }
        List<Reel.Row> tracks = new ArrayList<>();
        int trackCount = in.getInt();
        for (int i = 0; i < trackCount; i++) {
            tracks.add(track(to - from));
        }
        return new Reel(width, height, from, to, tracks);
    }

    private Outline outline() {
        long id = in.getInt() & 0xFFFFFFFFL | (long) in.getInt() << 32;
        int verbCount = in.getInt();
        if (verbCount == ReelWriter.KNOWN) {
            throw new IllegalArgumentException("the reel leaves out the outline " + Long.toHexString(id));
        }
        float[] points = new float[in.getInt()];
        byte[] verbs = new byte[verbCount];
        in.get(verbs);
        in.position(in.position() + (4 - verbCount % 4) % 4);
        Box box = Box.EMPTY;
        for (int i = 0; i < points.length; i++) {
            points[i] = in.getFloat();
            if (i % 2 == 1) {
                box = box.union(new Box(points[i - 1], points[i], points[i - 1], points[i]));
            }
        }
        return new Outline(id, verbs, points, box);
    }

    private Reel.Row track(int frameCount) {
        String name = text();
        List<DisplayList> lists = new ArrayList<>();
        int listCount = in.getInt();
        for (int i = 0; i < listCount; i++) {
            int end = in.getInt() * 4 + in.position();
            lists.add(list(end));
        }
        int[] frames = new int[frameCount];
        for (int i = 0; i < frameCount; i++) {
            frames[i] = in.getInt();
        }
        float[] bounds = new float[4 * frameCount];
        for (int i = 0; i < bounds.length; i++) {
            bounds[i] = in.getFloat();
        }
        return new Reel.Row(name, lists, frames, bounds);
    }

    private String text() {
        byte[] bytes = new byte[in.getInt()];
        in.get(bytes);
        in.position(in.position() + (4 - bytes.length % 4) % 4);
        return new String(bytes, StandardCharsets.UTF_8);
    }

    private DisplayList list(int end) {
        List<PaintOp> paints = new ArrayList<>();
        while (in.position() < end) {
            paints.add(paint(in.getInt()));
        }
        return new DisplayList(paints);
    }

    private PaintOp paint(int code) {
        return switch (code) {
            case ReelWriter.SAVE -> new PaintOp.Save();
            case ReelWriter.RESTORE -> new PaintOp.Restore();
            case ReelWriter.CONCAT ->
                new PaintOp.Concat(
                        in.getFloat(), in.getFloat(), in.getFloat(), in.getFloat(), in.getFloat(), in.getFloat());
            case ReelWriter.CONCAT_DEEP -> {
                float[] m = new float[16];
                for (int i = 0; i < m.length; i++) {
                    m[i] = in.getFloat();
                }
                yield new PaintOp.ConcatDeep(m);
            }
            case ReelWriter.CLIP -> new PaintOp.Clip(outlines.get(in.getInt()));
            case ReelWriter.LAYER -> new PaintOp.Layer(in.getFloat(), in.getFloat(), in.getFloat());
            case ReelWriter.MASK -> new PaintOp.Mask();
            case ReelWriter.STROKE -> {
                float width = in.getFloat();
                float drawn = in.getFloat();
                yield new PaintOp.Stroke((PaintOp.Fill) paint(in.getInt()), width, drawn);
            }
            case ReelWriter.FILL -> {
                Outline outline = outlines.get(in.getInt());
                float opacity = in.getFloat();
                yield new PaintOp.Fill(outline, new Ink.Plain(in.getInt()), opacity);
            }
            case ReelWriter.FILL_GRADIENT -> gradient();
            case ReelWriter.FILL_RADIAL -> radial();
            case ReelWriter.FILL_PICTURE -> picture();
            default -> throw new IllegalArgumentException("the reel holds the unknown operation " + code);
        };
    }

    private PaintOp gradient() {
        Outline outline = outlines.get(in.getInt());
        float opacity = in.getFloat();
        float x0 = in.getFloat();
        float y0 = in.getFloat();
        float x1 = in.getFloat();
        float y1 = in.getFloat();
        float[] positions = positions();
        return new PaintOp.Fill(
                outline, new Ink.Gradient(x0, y0, x1, y1, positions, colours(positions.length)), opacity);
    }

    private PaintOp radial() {
        Outline outline = outlines.get(in.getInt());
        float opacity = in.getFloat();
        float x = in.getFloat();
        float y = in.getFloat();
        float radius = in.getFloat();
        float[] positions = positions();
        return new PaintOp.Fill(outline, new Ink.Radial(x, y, radius, positions, colours(positions.length)), opacity);
    }

    private PaintOp picture() {
        Outline outline = outlines.get(in.getInt());
        float opacity = in.getFloat();
        String id = pictures.get(in.getInt());
        return new PaintOp.Fill(
                outline, new Ink.Picture(id, in.getFloat(), in.getFloat(), in.getFloat(), in.getFloat()), opacity);
    }

    private float[] positions() {
        float[] positions = new float[in.getInt()];
        for (int i = 0; i < positions.length; i++) {
            positions[i] = in.getFloat();
        }
        return positions;
    }

    private int[] colours(int count) {
        int[] colours = new int[count];
        for (int i = 0; i < count; i++) {
            colours[i] = in.getInt();
        }
        return colours;
    }
}
