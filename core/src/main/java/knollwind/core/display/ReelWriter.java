package knollwind.core.display;

import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Writes reels in the binary form that {@code docs/reel.md} describes: little-endian, in words of four bytes. */
public final class ReelWriter {
    /** "KWRL" in ASCII. */
    public static final int MAGIC = 0x4C52574B;

    /** Of the format: a reader refuses any other. */
    public static final int VERSION = 7;

    /** Stands in place of an outline's verb count when the reader has the outline already. */
    static final int KNOWN = -1;

    /** Stands in place of the id of a layer's contents where a piece is no layer. */
    private static final long ALONE = 0;

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
            row(rows, row);
        }
        ReelWords head = words();
        head.all(MAGIC, VERSION, reel.width(), reel.height(), reel.from(), reel.to(), outlines.size());
        for (Outline outline : outlines.values()) {
            head.id(outline.id());
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

    /** Each different piece once, then each list as the pieces that it consists of. */
    private void row(ReelWords rows, Reel.Row row) {
        Map<Piece, Integer> places = new LinkedHashMap<>();
        ReelWords lists = words();
        for (DisplayList list : row.lists()) {
            List<Piece> pieces = Piece.of(list);
            lists.put(pieces.size());
            pieces.forEach(piece -> lists.put(places.computeIfAbsent(piece, one -> places.size())));
        }
        rows.text(row.block()).put(places.size());
        places.keySet().forEach(piece -> piece(rows, piece));
        rows.put(row.lists().size()).bytes(lists.bytes());
        rows.all(row.frames()).put(row.bounds());
    }

    private void piece(ReelWords rows, Piece piece) {
        rows.id(id(piece.paints()))
                .id(piece.contents() == null ? ALONE : id(piece.contents()))
                .box(piece.reach())
                .put(piece.isCuttable() ? 1 : 0);
        List<Box> rooms = new ArrayList<>();
        ReelWords paints = words();
        for (int i = 0; i < piece.paints().size(); i++) {
            PaintOp paint = piece.paints().get(i);
            paint.write(paints);
            if (paint instanceof PaintOp.Layer || paint instanceof PaintOp.Mixed) {
                rooms.add(Objects.requireNonNullElse(piece.room(i), InkReach.EVERYWHERE));
            }
        }
        rows.put(rooms.size());
        rooms.forEach(rows::box);
        byte[] bytes = paints.bytes();
        rows.put(bytes.length / 4).bytes(bytes);
    }

    /** Of what is painted: equal in every reel, wherever its outlines and pictures stand there. */
    private static long id(List<PaintOp> paints) {
        ReelWords named = new ReelWords(outline -> Long.hashCode(outline.id()), String::hashCode);
        paints.forEach(paint -> paint.write(named));
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(named.bytes());
            return ByteBuffer.wrap(hash).getLong();
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
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
