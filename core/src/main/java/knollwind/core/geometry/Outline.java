package knollwind.core.geometry;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;

/**
 * A filled contour (non-zero winding) as flat verbs and points.
 *
 * @param id the first 8 bytes of the SHA-256 of verbs and points, so that equal outlines have equal ids everywhere
 * @param verbs 0 move (1 point), 1 line (1), 2 quadratic (2), 4 cubic (3), 5 close (0)
 * @param points x and y in turn, px, y down
 * @param ink the tight box of the contour
 */
public record Outline(long id, byte[] verbs, float[] points, Box ink) {
    public static final byte MOVE = 0;
    public static final byte LINE = 1;
    public static final byte QUADRATIC = 2;
    public static final byte CUBIC = 4;
    public static final byte CLOSE = 5;

    private static final byte[] RECTANGLE = {MOVE, LINE, LINE, LINE, CLOSE};

    /** An outline of these verbs and points, named by their hash. */
    public static Outline of(byte[] verbs, float[] points, Box ink) {
        ByteBuffer bytes =
                ByteBuffer.allocate(4 + verbs.length + 4 * points.length).order(ByteOrder.LITTLE_ENDIAN);
        bytes.putInt(verbs.length).put(verbs);
        bytes.slice().order(ByteOrder.LITTLE_ENDIAN).asFloatBuffer().put(points);
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(bytes.array());
            return new Outline(ByteBuffer.wrap(hash).getLong(), verbs, points, ink);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }

    /** How many points a verb has. */
    public static int pointsOf(byte verb) {
        return switch (verb) {
            case MOVE, LINE -> 1;
            case QUADRATIC -> 2;
            case CUBIC -> 3;
            default -> 0;
        };
    }

    /** The outline of a box. */
    public static Outline rectangle(Box box) {
        float[] points = {
            (float) box.left(), (float) box.top(), (float) box.right(), (float) box.top(),
            (float) box.right(), (float) box.bottom(), (float) box.left(), (float) box.bottom()
        };
        return of(RECTANGLE, points, box);
    }

    /** Whether it is one box with sides along x and y, as {@link #rectangle} makes it. */
    public boolean isRectangle() {
        return Arrays.equals(verbs, RECTANGLE)
                && points[0] == points[6]
                && points[1] == points[3]
                && points[2] == points[4]
                && points[5] == points[7];
    }

    public boolean isEmpty() {
        return verbs.length == 0;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Outline outline && outline.id == id;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(id);
    }
}
