package knollwind.core.type;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Looks at the outside of a font file before anything opens it: kind, table directory, sizes (OpenType 1.9 "Organization of
 * an OpenType Font"; WOFF 1.0, section 3; WOFF 2.0, section 4).
 */
final class FontHeader {
    /** Largest file in bytes. */
    static final int MOST = 20 << 20;

    /** Bytes: no face is as large, and so much can be held while it is looked at. */
    private static final long MOST_UNPACKED = 64L << 20;

    /** More than the standard names (OpenType, “Font tables”). */
    private static final int MOST_TABLES = 128;

    /** Of a collection; no family has as many files. */
    private static final int MOST_FACES = 64;

    private static final List<String> NEEDED = List.of("cmap", "head", "hhea", "hmtx", "maxp", "name");

    private final ByteBuffer in;

    private FontHeader(byte[] bytes) {
        this.in = ByteBuffer.wrap(bytes);
    }

    /**
     * How many faces the file says it holds.
     *
     * @throws IllegalArgumentException with the reason when it is no font file or one that is cut off or lies about sizes
     */
    static int faces(byte[] bytes) {
        if (bytes.length > MOST) {
            throw new IllegalArgumentException("the font file is larger than the " + (MOST >> 20) + " MB allowed");
        }
        try {
            return new FontHeader(bytes).faces();
        } catch (IndexOutOfBoundsException e) {
            throw new IllegalArgumentException("the font file is cut off in its header", e);
        }
    }

    private int faces() {
        return switch (tag(0)) {
            case "\0\1\0\0", "true", "OTTO" -> {
                directory(0);
                yield 1;
            }
            case "ttcf" -> collection();
            case "wOFF" -> woff();
            case "wOF2" -> woff2();
            default ->
                throw new IllegalArgumentException("this is no font file; TTF, OTF, TTC, WOFF and WOFF2 can be read");
        };
    }

    private int collection() {
        int count = in.getInt(8);
        if (count < 1 || count > MOST_FACES) {
            throw new IllegalArgumentException("the font collection says it holds " + Integer.toUnsignedString(count)
                    + " faces; 1 to " + MOST_FACES + " can be read");
        }
        for (int i = 0; i < count; i++) {
            directory(unsigned(in.getInt(12 + 4 * i)));
        }
        return count;
    }

    private void directory(long at) {
        int count = in.getShort(index(at + 4)) & 0xFFFF;
        count(count);
        Set<String> tags = new HashSet<>();
        for (int i = 0; i < count; i++) {
            int record = index(at + 12 + 16L * i);
            tags.add(tag(record));
            within(unsigned(in.getInt(record + 8)), unsigned(in.getInt(record + 12)), tag(record));
        }
        complete(tags);
    }

    private int woff() {
        size(unsigned(in.getInt(8)), unsigned(in.getInt(16)));
        int count = in.getShort(12) & 0xFFFF;
        count(count);
        Set<String> tags = new HashSet<>();
        long unpacked = 0;
        for (int i = 0; i < count; i++) {
            int record = 44 + 20 * i;
            tags.add(tag(record));
            within(unsigned(in.getInt(record + 4)), unsigned(in.getInt(record + 8)), tag(record));
            unpacked += unsigned(in.getInt(record + 12));
        }
        size(in.limit(), unpacked);
        complete(tags);
        return 1;
    }

    /** The tables of WOFF2 lie in one packed stream; what is in them is seen when it is opened. */
    private int woff2() {
        size(unsigned(in.getInt(8)), unsigned(in.getInt(16)));
        count(in.getShort(12) & 0xFFFF);
        if (unsigned(in.getInt(20)) > in.limit()) {
            throw new IllegalArgumentException("the font file is cut off");
        }
        return 1;
    }

    private void size(long stated, long unpacked) {
        if (stated > in.limit()) {
            throw new IllegalArgumentException(
                    "the font file is cut off: it says it has " + stated + " bytes, but there are " + in.limit());
        }
        if (unpacked > MOST_UNPACKED) {
            throw new IllegalArgumentException(
                    "the font file unpacks to more than the " + (MOST_UNPACKED >> 20) + " MB allowed");
        }
    }

    private static void count(int count) {
        if (count < 1 || count > MOST_TABLES) {
            throw new IllegalArgumentException(
                    "the font file says it has " + count + " tables; 1 to " + MOST_TABLES + " can be read");
        }
    }

    private void within(long offset, long length, String table) {
        if (offset + length > in.limit()) {
            throw new IllegalArgumentException("the font file is cut off: its table '" + table + "' is not all there");
        }
    }

    private static void complete(Set<String> tags) {
        for (String needed : NEEDED) {
            if (!tags.contains(needed)) {
                throw new IllegalArgumentException("the font file has no table '" + needed + "'");
            }
        }
        if (!tags.contains("glyf") && !tags.contains("CFF ") && !tags.contains("CFF2")) {
            throw new IllegalArgumentException("the font file has no outlines");
        }
    }

    private String tag(int at) {
        byte[] tag = new byte[4];
        in.get(at, tag);
        return new String(tag, StandardCharsets.ISO_8859_1);
    }

    private static long unsigned(int value) {
        return Integer.toUnsignedLong(value);
    }

    private int index(long at) {
        if (at > in.limit()) {
            throw new IndexOutOfBoundsException();
        }
        return (int) at;
    }
}
