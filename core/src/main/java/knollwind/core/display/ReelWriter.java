package knollwind.core.display;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import knollwind.core.geometry.Outline;

/** Writes reels in the binary form that {@code docs/reel.md} describes: little-endian, in words of four bytes. */
public final class ReelWriter {
    /** "KWRL" in ASCII. */
    public static final int MAGIC = 0x4C52574B;

    public static final int VERSION = 2;

    static final int SAVE = 1;
    static final int RESTORE = 2;
    static final int CONCAT = 3;
    static final int CLIP = 4;
    static final int LAYER = 5;
    static final int FILL = 6;
    static final int FILL_GRADIENT = 7;
    static final int FILL_RADIAL = 8;
    static final int FILL_PICTURE = 9;
    static final int CONCAT_DEEP = 10;
    static final int MASK = 11;
    static final int STROKE = 12;

    /** Stands in place of an outline's verb count when the reader has the outline already. */
    static final int KNOWN = -1;

    private final Map<Long, Integer> indices = new LinkedHashMap<>();
    private final Map<String, Integer> pictures = new LinkedHashMap<>();
    private final Map<Long, Outline> outlines = new LinkedHashMap<>();

    private ReelWriter() {}

    /** The reel's bytes; outlines whose ids are known to the reader are named but not sent. */
    public static byte[] write(Reel reel, Set<Long> known) {
        return new ReelWriter().bytes(reel, known);
    }

    private byte[] bytes(Reel reel, Set<Long> known) {
        Words tracks = new Words();
        tracks.put(reel.rows().size());
        for (Reel.Row track : reel.rows()) {
            tracks.put(track.block());
            tracks.put(track.lists().size());
            for (DisplayList list : track.lists()) {
                byte[] bytes = list(list);
                tracks.put(bytes.length / 4);
                tracks.put(bytes);
            }
            for (int frame : track.frames()) {
                tracks.put(frame);
            }
            for (float bound : track.bounds()) {
                tracks.put(bound);
            }
        }
        Words head = new Words();
        head.put(MAGIC);
        head.put(VERSION);
        head.put(reel.width());
        head.put(reel.height());
        head.put(reel.from());
        head.put(reel.to());
        head.put(outlines.size());
        for (Outline outline : outlines.values()) {
            head.put((int) outline.id());
            head.put((int) (outline.id() >>> 32));
            if (known.contains(outline.id())) {
                head.put(KNOWN);
                continue;
            }
            head.put(outline.verbs().length);
            head.put(outline.points().length);
            head.put(padded(outline.verbs()));
            for (float point : outline.points()) {
                head.put(point);
            }
        }
        head.put(pictures.size());
        pictures.keySet().forEach(head::put);
        head.put(tracks.bytes());
        return head.bytes();
    }

    private byte[] list(DisplayList list) {
        Words words = new Words();
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Save) {
                words.put(SAVE);
            } else if (paint instanceof PaintOp.Restore) {
                words.put(RESTORE);
            } else if (paint instanceof PaintOp.Concat m) {
                words.put(CONCAT);
                for (float value : new float[] {m.a(), m.b(), m.c(), m.d(), m.e(), m.f()}) {
                    words.put(value);
                }
            } else if (paint instanceof PaintOp.ConcatDeep deep) {
                words.put(CONCAT_DEEP);
                for (float value : deep.m()) {
                    words.put(value);
                }
            } else if (paint instanceof PaintOp.Clip clip) {
                words.put(CLIP);
                words.put(index(clip.outline()));
            } else if (paint instanceof PaintOp.Layer layer) {
                words.put(LAYER);
                words.put(layer.opacity());
                words.put(layer.blurX());
                words.put(layer.blurY());
            } else if (paint instanceof PaintOp.Mask) {
                words.put(MASK);
            } else if (paint instanceof PaintOp.Stroke stroke) {
                words.put(STROKE);
                words.put(stroke.width());
                words.put(stroke.drawn());
                fill(words, stroke.fill());
            } else if (paint instanceof PaintOp.Fill fill) {
                fill(words, fill);
            }
        }
        return words.bytes();
    }

    private void fill(Words words, PaintOp.Fill fill) {
        if (fill.ink() instanceof Ink.Plain plain) {
            words.put(FILL);
            words.put(index(fill.outline()));
            words.put(fill.opacity());
            words.put(plain.argb());
            return;
        }
        if (fill.ink() instanceof Ink.Radial radial) {
            words.put(FILL_RADIAL);
            words.put(index(fill.outline()));
            words.put(fill.opacity());
            words.put(radial.x());
            words.put(radial.y());
            words.put(radial.radius());
            ramp(words, radial.positions(), radial.colours());
            return;
        }
        if (fill.ink() instanceof Ink.Picture picture) {
            words.put(FILL_PICTURE);
            words.put(index(fill.outline()));
            words.put(fill.opacity());
            words.put(pictures.computeIfAbsent(picture.picture(), id -> pictures.size()));
            for (float value : new float[] {picture.a(), picture.d(), picture.e(), picture.f()}) {
                words.put(value);
            }
            return;
        }
        Ink.Gradient gradient = (Ink.Gradient) fill.ink();
        words.put(FILL_GRADIENT);
        words.put(index(fill.outline()));
        words.put(fill.opacity());
        for (float value : new float[] {gradient.x0(), gradient.y0(), gradient.x1(), gradient.y1()}) {
            words.put(value);
        }
        ramp(words, gradient.positions(), gradient.colours());
    }

    private static void ramp(Words words, float[] positions, int[] colours) {
        words.put(positions.length);
        for (float position : positions) {
            words.put(position);
        }
        for (int colour : colours) {
            words.put(colour);
        }
    }

    private int index(Outline outline) {
        return indices.computeIfAbsent(outline.id(), id -> {
            outlines.put(id, outline);
            return outlines.size() - 1;
        });
    }

    private static byte[] padded(byte[] bytes) {
        return java.util.Arrays.copyOf(bytes, (bytes.length + 3) / 4 * 4);
    }

    /** Little-endian words of four bytes. */
    private static final class Words {
        private final ByteArrayOutputStream out = new ByteArrayOutputStream(4096);
        private final ByteBuffer word = ByteBuffer.allocate(4).order(ByteOrder.LITTLE_ENDIAN);

        void put(int value) {
            word.putInt(0, value);
            out.write(word.array(), 0, 4);
        }

        void put(float value) {
            word.putFloat(0, value);
            out.write(word.array(), 0, 4);
        }

        void put(byte[] bytes) {
            out.write(bytes, 0, bytes.length);
        }

        void put(String text) {
            byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
            put(bytes.length);
            put(padded(bytes));
        }

        byte[] bytes() {
            return out.toByteArray();
        }
    }
}
