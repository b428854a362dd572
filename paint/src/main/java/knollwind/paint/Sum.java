package knollwind.paint;

import java.nio.ByteBuffer;

/** The sums of the bytes of an area over several pictures, from which their mean comes. */
final class Sum {
    private final Area area;
    private final int width;
    private final int row;
    private final int[] sums;

    /** @param width px of the frame that the area lies in */
    Sum(Area area, int width) {
        this.area = area;
        this.width = width;
        this.row = 4 * (area.right() - area.left());
        this.sums = new int[row * (area.bottom() - area.top())];
    }

    void add(ByteBuffer pixels) {
        byte[] bytes = new byte[row];
        int at = 0;
        for (int y = area.top(); y < area.bottom(); y++) {
            pixels.get(4 * (y * width + area.left()), bytes);
            for (byte value : bytes) {
                sums[at++] += value & 255;
            }
        }
    }

    /** Writes the means, rounded. */
    void put(ByteBuffer pixels, int count) {
        byte[] bytes = new byte[row];
        int at = 0;
        for (int y = area.top(); y < area.bottom(); y++) {
            for (int i = 0; i < row; i++) {
                bytes[i] = (byte) ((sums[at++] + count / 2) / count);
            }
            pixels.put(4 * (y * width + area.left()), bytes);
        }
    }
}
