package knollwind.paint;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;

/** The sums of the bytes of an area over several pictures, from which their mean comes: 16 bits, of at most 64 pictures. */
final class Sum {
    /** Pixels that are summed at a time, 8 bytes each: of more than 1920 × 1080 × 4 the samples are painted once for each band. */
    private static final int MOST = 8 << 20;

    private final Area area;
    private final int width;
    private final int row;
    private final short[] sums;

    /** @param width px of the frame that the area lies in */
    Sum(Area area, int width) {
        this.area = area;
        this.width = width;
        this.row = 4 * (area.right() - area.left());
        this.sums = new short[row * (area.bottom() - area.top())];
    }

    /** Areas in groups that are summed together, the large ones cut into bands. */
    static List<List<Area>> bands(List<Area> areas) {
        List<List<Area>> groups = new ArrayList<>();
        long room = 0;
        for (Area area : areas) {
            int rows = Math.max(1, MOST / (area.right() - area.left()));
            for (int top = area.top(); top < area.bottom(); top += rows) {
                Area band = new Area(area.left(), top, area.right(), Math.min(area.bottom(), top + rows));
                if (groups.isEmpty() || room < band.pixels()) {
                    groups.add(new ArrayList<>());
                    room = MOST;
                }
                groups.get(groups.size() - 1).add(band);
                room -= band.pixels();
            }
        }
        return groups;
    }

    void add(ByteBuffer pixels) {
        byte[] bytes = new byte[row];
        int at = 0;
        for (int y = area.top(); y < area.bottom(); y++) {
            pixels.get(4 * (y * width + area.left()), bytes);
            for (byte value : bytes) {
                sums[at++] += (short) (value & 255);
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
