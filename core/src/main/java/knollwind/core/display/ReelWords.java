package knollwind.core.display;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.function.ToIntFunction;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Little-endian words of four bytes, as they are written. Outlines and pictures are words too: their places in the reel's lists. */
final class ReelWords {
    private final ByteArrayOutputStream out = new ByteArrayOutputStream(4096);
    private final ByteBuffer word = ByteBuffer.allocate(4).order(ByteOrder.LITTLE_ENDIAN);
    private final ToIntFunction<Outline> outlines;
    private final ToIntFunction<String> pictures;

    ReelWords(ToIntFunction<Outline> outlines, ToIntFunction<String> pictures) {
        this.outlines = outlines;
        this.pictures = pictures;
    }

    ReelWords put(int value) {
        word.putInt(0, value);
        out.write(word.array(), 0, 4);
        return this;
    }

    ReelWords put(float... values) {
        for (float value : values) {
            word.putFloat(0, value);
            out.write(word.array(), 0, 4);
        }
        return this;
    }

    /** The lower half first. */
    ReelWords id(long id) {
        return put((int) id).put((int) (id >>> 32));
    }

    /** Left, top, right, bottom. */
    ReelWords box(Box box) {
        return put((float) box.left(), (float) box.top(), (float) box.right(), (float) box.bottom());
    }

    /** Colours, or whatever else is whole; how many there are is not written. */
    ReelWords all(int... values) {
        for (int value : values) {
            put(value);
        }
        return this;
    }

    ReelWords outline(Outline outline) {
        return put(outlines.applyAsInt(outline));
    }

    ReelWords picture(String id) {
        return put(pictures.applyAsInt(id));
    }

    /** Bytes, filled up to whole words. */
    ReelWords bytes(byte[] bytes) {
        byte[] padded = Arrays.copyOf(bytes, (bytes.length + 3) / 4 * 4);
        out.write(padded, 0, padded.length);
        return this;
    }

    ReelWords text(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return put(bytes.length).bytes(bytes);
    }

    byte[] bytes() {
        return out.toByteArray();
    }
}
