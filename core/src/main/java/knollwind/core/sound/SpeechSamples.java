package knollwind.core.sound;

import java.io.IOException;
import java.io.InputStream;

/**
 * A recording as those hear it who listen for words: both channels together, {@link #RATE} samples a second, 16 bits, signed,
 * little-endian. What lies too high for that is filtered away first (a sinc under a Hann window).
 */
public final class SpeechSamples extends InputStream {
    public static final int RATE = 16_000;

    private static final int FACTOR = Recording.RATE / RATE;

    /** On either side of a sample; and the frequency up to which it is let through, of half the rate. */
    private static final int REACH = 36;

    private static final double PASSED = 0.9;

    private static final float[] FILTER = filter();

    /** Samples that are made at once. */
    private static final int BLOCK = RATE;

    private final Recording recording;
    private final long samples;
    private long made;
    private byte[] block = new byte[0];
    private int at;

    /** @param frames sample frames of the recording */
    public SpeechSamples(Recording recording, long frames) {
        this.recording = recording;
        this.samples = frames / FACTOR;
    }

    private static float[] filter() {
        float[] filter = new float[2 * REACH + 1];
        double sum = 0;
        for (int i = -REACH; i <= REACH; i++) {
            double x = Math.PI * i * PASSED / FACTOR;
            double sinc = i == 0 ? 1 : Math.sin(x) / x;
            filter[i + REACH] = (float) (sinc * (0.5 + 0.5 * Math.cos(Math.PI * i / (REACH + 1))));
            sum += filter[i + REACH];
        }
        for (int i = 0; i < filter.length; i++) {
            filter[i] /= (float) sum;
        }
        return filter;
    }

    @Override
    public int read() throws IOException {
        byte[] one = new byte[1];
        return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] into, int offset, int length) throws IOException {
        // As much as is asked for, since some who read take less for the end.
        int count = 0;
        while (count < length && (at < block.length || next())) {
            int more = Math.min(length - count, block.length - at);
            System.arraycopy(block, at, into, offset + count, more);
            at += more;
            count += more;
        }
        return count == 0 && length > 0 ? -1 : count;
    }

    private boolean next() throws IOException {
        int count = (int) Math.min(BLOCK, samples - made);
        if (count <= 0) {
            return false;
        }
        int wanted = count * FACTOR + 2 * REACH;
        short[] both = new short[wanted * Recording.CHANNELS];
        recording.read(made * FACTOR - REACH, both, wanted);
        float[] mono = new float[wanted];
        for (int i = 0; i < wanted; i++) {
            mono[i] = (both[2 * i] + both[2 * i + 1]) * 0.5f;
        }
        block = new byte[2 * count];
        for (int i = 0; i < count; i++) {
            float sum = 0;
            for (int k = 0; k < FILTER.length; k++) {
                sum += mono[i * FACTOR + k] * FILTER[k];
            }
            int sample = Math.max(Short.MIN_VALUE, Math.min(Short.MAX_VALUE, Math.round(sum)));
            block[2 * i] = (byte) sample;
            block[2 * i + 1] = (byte) (sample >> 8);
        }
        made += count;
        at = 0;
        return true;
    }
}
