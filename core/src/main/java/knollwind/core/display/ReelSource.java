package knollwind.core.display;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Outline;

/** The words of a reel as they are read, the counterpart of {@link ReelWords}. */
final class ReelSource {
    private final ByteBuffer in;
    private final List<Outline> outlines = new ArrayList<>();
    private final List<String> pictures = new ArrayList<>();

    ReelSource(byte[] bytes) {
        this.in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
    }

    void keep(Outline outline) {
        outlines.add(outline);
    }

    void keep(String picture) {
        pictures.add(picture);
    }

    int position() {
        return in.position();
    }

    int whole() {
        return in.getInt();
    }

    float number() {
        return in.getFloat();
    }

    float[] numbers(int count) {
        float[] numbers = new float[count];
        for (int i = 0; i < count; i++) {
            numbers[i] = in.getFloat();
        }
        return numbers;
    }

    int[] wholes(int count) {
        int[] wholes = new int[count];
        for (int i = 0; i < count; i++) {
            wholes[i] = in.getInt();
        }
        return wholes;
    }

    Outline outline() {
        return outlines.get(in.getInt());
    }

    String picture() {
        return pictures.get(in.getInt());
    }

    /** Bytes that were filled up to whole words. */
    byte[] bytes(int count) {
        byte[] bytes = new byte[count];
        in.get(bytes);
        in.position(in.position() + (4 - count % 4) % 4);
        return bytes;
    }

    String text() {
        return new String(bytes(in.getInt()), StandardCharsets.UTF_8);
    }
}
