package knollwind.core.sound;

import java.io.ByteArrayOutputStream;

/**
 * How loud a recording is over time: for each hundredth of a second its lowest and its highest value, of either channel, each
 * as a byte from -128 to 127.
 */
public final class Waveform {
    /** Pairs of a lowest and a highest value, a second. */
    public static final int PER_SECOND = 100;

    /** Samples that one pair of the waveform stands for. */
    private static final int FRAMES = Recording.RATE / PER_SECOND;

    private final ByteArrayOutputStream pairs = new ByteArrayOutputStream();
    private int frames;
    private short low;
    private short high;

    /** Takes the recording's next sample frames. */
    public void add(short[] samples, int count) {
        for (int frame = 0; frame < count; frame++) {
            for (int channel = 0; channel < Recording.CHANNELS; channel++) {
                short value = samples[frame * Recording.CHANNELS + channel];
                low = (short) Math.min(low, value);
                high = (short) Math.max(high, value);
            }
            if (++frames == FRAMES) {
                close();
            }
        }
    }

    /** All pairs, the last of them of what is left over. */
    public byte[] bytes() {
        if (frames > 0) {
            close();
        }
        return pairs.toByteArray();
    }

    private void close() {
        pairs.write(low >> 8);
        pairs.write(high >> 8);
        frames = 0;
        low = 0;
        high = 0;
    }
}
