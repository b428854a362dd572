package knollwind.paint;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.IntBuffer;
import java.util.List;

/**
 * A frame as video encoders take it: planes of 8 bits for luma, both chromas at half the size (4:2:0), and alpha where it is wanted.
 * Only what was painted since is converted. Sides are even; an odd one is filled up with its last pixel.
 *
 * <p>Luma and chroma are those of ITU-R BT.709 in its narrow range (16 to 235 and 240). Each chroma sample lies in the middle of four
 * pixels and is filtered along both axes by the cubic of Mitchell and Netravali (1988) with B = 0 and C = 0.6 at half the rate.
 */
final class Planes {
    /** Fraction bits of factors. */
    private static final int FINE = 16;

    /** Share of red, green and blue in luma, BT.709, times 2^16 and narrowed to 219 steps. */
    private static final int RED = fixed(0.2126 * 219 / 255);

    private static final int GREEN = fixed(0.7152 * 219 / 255);
    private static final int BLUE = fixed(0.0722 * 219 / 255);

    /** Luma of black, and a half to round by. */
    private static final int BLACK = (16 << FINE) + (1 << FINE - 1);

    /** Factors of the chromas: (B - Y) / 1.8556 and (R - Y) / 1.5748, narrowed to 224 steps. */
    private static final double B_RANGE = 224.0 / 255 / 1.8556;

    private static final double R_RANGE = 224.0 / 255 / 1.5748;
    private static final int[] CB = {fixed(-0.2126 * B_RANGE), fixed(-0.7152 * B_RANGE), fixed(0.9278 * B_RANGE)};
    private static final int[] CR = {fixed(0.7874 * R_RANGE), fixed(-0.7152 * R_RANGE), fixed(-0.0722 * R_RANGE)};

    /** Fraction bits of chromas that are not filtered yet: 16 bits with their sign. */
    private static final int KEPT = 8;

    /** Fraction bits of the filter's factors. */
    private static final int TAP = 12;

    /** The filter at 0.5, 1.5, 2.5 and 3.5 px from its middle, times 2^12; each side comes to a half. */
    private static final int TAP_0 = 1786;

    private static final int TAP_1 = 493;
    private static final int TAP_2 = -173;
    private static final int TAP_3 = -58;

    /** Pixels before the first of two over which the filter reaches, and after it. */
    private static final int BEFORE = 3;

    private static final int AFTER = 4;

    private static final int NEUTRAL = (128 << KEPT + TAP) + (1 << KEPT + TAP - 1);

    private final int width;
    private final int height;
    /** Sides of what is encoded, and of its chroma. */
    private final int across;

    private final int down;
    private final int half;
    private final boolean alpha;
    private final byte[] bytes;
    private final int[] row;
    private final int[] line;
    /** The last eight rows' chromas, by the row's number. */
    private final int[][] blueish = new int[8][];

    private final int[][] reddish = new int[8][];

    /**
     * @param width px of the frames
     * @param height px
     */
    Planes(int width, int height, boolean alpha) {
        this.width = width;
        this.height = height;
        this.across = even(width);
        this.down = even(height);
        this.half = across / 2;
        this.alpha = alpha;
        this.bytes = new byte[size(width, height, alpha)];
        this.row = new int[across + BEFORE + AFTER];
        this.line = new int[across + BEFORE + AFTER];
        for (int i = 0; i < blueish.length; i++) {
            blueish[i] = new int[across + BEFORE + AFTER];
            reddish[i] = new int[across + BEFORE + AFTER];
        }
    }

    private static int fixed(double factor) {
        return (int) Math.round(factor * (1 << FINE));
    }

    /** The side in px that a frame's side has in a film. */
    static int even(int side) {
        return (side + 1) / 2 * 2;
    }

    private static int size(int width, int height, boolean alpha) {
        return even(width) * even(height) / 2 * (alpha ? 5 : 3);
    }

    /** The planes one after the other: luma, blue's and red's chroma, alpha. */
    byte[] bytes() {
        return bytes;
    }

    /**
     * Takes over what was painted.
     *
     * @param pixels the whole frame by rows, 4 bytes each: blue, green, red, alpha
     * @param areas where it may differ from what was taken before
     */
    void take(ByteBuffer pixels, List<Area> areas) {
        IntBuffer ints =
                pixels.duplicate().order(ByteOrder.LITTLE_ENDIAN).rewind().asIntBuffer();
        for (Area area : areas) {
            Area filled = new Area(
                    area.left(),
                    area.top(),
                    area.right() == width ? across : area.right(),
                    area.bottom() == height ? down : area.bottom());
            light(ints, filled);
            colour(ints, filled);
        }
    }

    /** Reads pixels of a row into {@link #row}; beyond the frame's edges stands its last pixel. */
    private void read(IntBuffer pixels, int y, int from, int to) {
        int first = Math.max(0, from);
        int last = Math.min(width, to);
        pixels.get(Math.min(y, height - 1) * width + first, row, first - from, last - first);
        for (int x = from; x < first; x++) {
            row[x - from] = row[first - from];
        }
        for (int x = last; x < to; x++) {
            row[x - from] = row[last - 1 - from];
        }
    }

    private void light(IntBuffer pixels, Area area) {
        int count = area.right() - area.left();
        int alphas = across * down / 2 * 3;
        for (int y = area.top(); y < area.bottom(); y++) {
            read(pixels, y, area.left(), area.right());
            for (int x = 0; x < count; x++) {
                int p = row[x];
                line[x] = (RED * (p >> 16 & 255) + GREEN * (p >> 8 & 255) + BLUE * (p & 255) + BLACK) >> FINE;
            }
            int at = y * across + area.left();
            for (int x = 0; x < count; x++) {
                bytes[at + x] = (byte) line[x];
            }
            if (alpha) {
                for (int x = 0; x < count; x++) {
                    bytes[alphas + at + x] = (byte) (row[x] >>> 24);
                }
            }
        }
    }

    private void colour(IntBuffer pixels, Area area) {
        int left = Math.max(0, (area.left() - AFTER + 1) / 2);
        int right = Math.min(half, (area.right() - 1 + BEFORE) / 2 + 1);
        int top = Math.max(0, (area.top() - AFTER + 1) / 2);
        int bottom = Math.min(down / 2, (area.bottom() - 1 + BEFORE) / 2 + 1);
        int blues = across * down;
        int reds = blues + half * (down / 2);
        int next = Math.max(0, 2 * top - BEFORE);
        for (int y = top; y < bottom; y++) {
            for (; next <= Math.min(down - 1, 2 * y + AFTER); next++) {
                chromas(pixels, next, 2 * left - BEFORE, 2 * right + AFTER);
            }
            filter(blueish, y, right - left, blues + y * half + left);
            filter(reddish, y, right - left, reds + y * half + left);
        }
    }

    private void chromas(IntBuffer pixels, int y, int from, int to) {
        read(pixels, y, from, to);
        int[] blue = blueish[y & 7];
        int[] red = reddish[y & 7];
        for (int x = 0; x < to - from; x++) {
            int p = row[x];
            int r = p >> 16 & 255;
            int g = p >> 8 & 255;
            int b = p & 255;
            blue[x] = (CB[0] * r + CB[1] * g + CB[2] * b) >> FINE - KEPT;
            red[x] = (CR[0] * r + CR[1] * g + CR[2] * b) >> FINE - KEPT;
        }
    }

    /** Filters down the rows, then along what came of them. */
    private void filter(int[][] rows, int y, int count, int at) {
        down(rows, 2 * y - BEFORE, 2 * count + BEFORE + AFTER);
        for (int x = 0; x < count; x++) {
            int i = 2 * x;
            int sum = TAP_0 * (line[i + 3] + line[i + 4])
                    + TAP_1 * (line[i + 2] + line[i + 5])
                    + TAP_2 * (line[i + 1] + line[i + 6])
                    + TAP_3 * (line[i] + line[i + 7]);
            bytes[at + x] = (byte) (Math.min(255 << KEPT + TAP, Math.max(0, sum + NEUTRAL)) >> KEPT + TAP);
        }
    }

    private void down(int[][] rows, int first, int count) {
        int[] a = rows[ring(first)];
        int[] b = rows[ring(first + 1)];
        int[] c = rows[ring(first + 2)];
        int[] d = rows[ring(first + 3)];
        int[] e = rows[ring(first + 4)];
        int[] f = rows[ring(first + 5)];
        int[] g = rows[ring(first + 6)];
        int[] h = rows[ring(first + 7)];
        int[] sums = line;
        for (int x = 0; x < count; x++) {
            int sum = TAP_0 * (d[x] + e[x]) + TAP_1 * (c[x] + f[x]) + TAP_2 * (b[x] + g[x]) + TAP_3 * (a[x] + h[x]);
            sums[x] = sum + (1 << TAP - 1) >> TAP;
        }
    }

    private int ring(int y) {
        return Math.max(0, Math.min(down - 1, y)) & 7;
    }
}
