package knollwind.core.display;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import knollwind.core.geometry.Outline;

/** Writes reels in the binary form that {@code docs/reel.md} describes: little-endian, in words of four bytes. */
public final class ReelWriter {
    /** "KWRL" in ASCII. */
    public static final int MAGIC = 0x4C52574B;

    /** Of the format: a reader refuses any other. */
    public static final int VERSION = 2;

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
        ReelWords rows = words();
        rows.put(reel.rows().size());
        for (Reel.Row row : reel.rows()) {
            rows.text(row.block()).put(row.lists().size());
            for (DisplayList list : row.lists()) {
                ReelWords paints = words();
                list.paints().forEach(paint -> paint.write(paints));
                byte[] bytes = paints.bytes();
                rows.put(bytes.length / 4).bytes(bytes);
            }
            rows.all(row.frames()).put(row.bounds());
        }
        ReelWords head = words();
        head.all(MAGIC, VERSION, reel.width(), reel.height(), reel.from(), reel.to(), outlines.size());
        for (Outline outline : outlines.values()) {
            head.all((int) outline.id(), (int) (outline.id() >>> 32));
            if (known.contains(outline.id())) {
                head.put(KNOWN);
                continue;
            }
            head.all(outline.verbs().length, outline.points().length)
                    .bytes(outline.verbs())
                    .put(outline.points());
        }
        head.put(pictures.size());
        pictures.keySet().forEach(head::text);
        return head.bytes(rows.bytes()).bytes();
    }

    private ReelWords words() {
        return new ReelWords(
                outline -> indices.computeIfAbsent(outline.id(), id -> {
                    outlines.put(id, outline);
                    return outlines.size() - 1;
                }),
                picture -> pictures.computeIfAbsent(picture, id -> pictures.size()));
    }
}
