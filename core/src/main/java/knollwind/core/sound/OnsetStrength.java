package knollwind.core.sound;

import java.io.IOException;
import java.util.Arrays;
import org.jtransforms.fft.FloatFFT_1D;

/**
 * How much begins to sound at each moment: the log spectral flux (Bello et al., <em>A tutorial on onset detection in music signals</em>,
 * 2005) in bands of equal ratio, less what is usual around it.
 *
 * @param all a number {@link #PER_SECOND} times a second, not negative, its spread 1; 0 everywhere in silence
 * @param low the same of what lies under {@value #LOW} Hz, by the same measure
 */
record OnsetStrength(float[] all, float[] low) {
    /** Of the recording's samples so many are made one: 16,000 a second are enough to hear a beat by. */
    private static final int THINNED = 3;

    private static final int WINDOW = 1024;
    private static final int HOP = 128;

    static final double PER_SECOND = (double) Recording.RATE / THINNED / HOP;

    private static final double LOWEST = 40;
    private static final double LOW = 200;
    private static final double HIGHEST = 7500;
    private static final int BANDS = 36;

    /** What is louder than before is asked of the hop before the last: between neighbours little changes. */
    private static final int BACK = 2;

    /** Loudness at which the logarithm begins to bend, of samples between -1 and 1. */
    private static final float GAIN = 1000;

    /** What is usual is asked of so many seconds around. */
    private static final double AROUND = 0.4;

    /**
     * Hops by which a sudden sound is met before the middle of the window reaches it, for the logarithm bends at its first edge.
     * Measured on clicks.
     */
    private static final double EARLY = 1.1;

    /** When the sound begins that is met at a place of the arrays, seconds. */
    static double seconds(double hop) {
        return Math.max(0, (hop + EARLY) / PER_SECOND);
    }

    /** Where a moment lies in the arrays. */
    static double hop(double seconds) {
        return seconds * PER_SECOND - EARLY;
    }

    /** @param frames sample frames of the recording */
    static OnsetStrength of(Recording recording, long frames) throws IOException {
        int hops = (int) (frames / THINNED / HOP) + 1;
        float[] all = new float[hops];
        float[] low = new float[hops];
        float[] window = new float[WINDOW];
        float[] hann = hann();
        int[] bands = bands();
        int lows = band(LOW);
        float[][] loud = new float[BACK + 1][BANDS];
        FloatFFT_1D transform = new FloatFFT_1D(WINDOW);
        float[] spectrum = new float[WINDOW];
        Thinned samples = new Thinned(recording, frames);
        // The window's middle lies at the hop.
        samples.read(window, WINDOW / 2, WINDOW / 2);
        for (int hop = 0; hop < hops; hop++) {
            for (int i = 0; i < WINDOW; i++) {
                spectrum[i] = window[i] * hann[i];
            }
            transform.realForward(spectrum);
            float[] now = loud[hop % loud.length];
            Arrays.fill(now, 0);
            for (int bin = 1; bin < WINDOW / 2; bin++) {
                if (bands[bin] >= 0) {
                    float real = spectrum[2 * bin];
                    float imaginary = spectrum[2 * bin + 1];
                    now[bands[bin]] += real * real + imaginary * imaginary;
                }
            }
            for (int band = 0; band < BANDS; band++) {
                now[band] = (float) Math.log1p(GAIN * Math.sqrt(now[band]) / WINDOW);
            }
            if (hop >= BACK) {
                float[] before = loud[(hop + 1) % loud.length];
                for (int band = 0; band < BANDS; band++) {
                    float more = Math.max(0, now[band] - before[band]);
                    all[hop] += more;
                    low[hop] += band < lows ? more : 0;
                }
            }
            System.arraycopy(window, HOP, window, 0, WINDOW - HOP);
            samples.read(window, WINDOW - HOP, HOP);
        }
        float spread = aboveUsual(all);
        aboveUsual(low);
        scaled(all, spread);
        scaled(low, spread);
        return new OnsetStrength(all, low);
    }

    /** Takes off what is usual around, and what is under it. @return the root of the mean square of what is left */
    private static float aboveUsual(float[] values) {
        int reach = (int) Math.round(AROUND * PER_SECOND);
        double[] sums = new double[values.length + 1];
        for (int i = 0; i < values.length; i++) {
            sums[i + 1] = sums[i] + values[i];
        }
        double squares = 0;
        for (int i = 0; i < values.length; i++) {
            int from = Math.max(0, i - reach);
            int to = Math.min(values.length, i + reach + 1);
            values[i] = (float) Math.max(0, values[i] - (sums[to] - sums[from]) / (to - from));
            squares += values[i] * values[i];
        }
        return (float) Math.sqrt(squares / Math.max(1, values.length));
    }

    private static void scaled(float[] values, float spread) {
        for (int i = 0; spread > 0 && i < values.length; i++) {
            values[i] /= spread;
        }
    }

    private static float[] hann() {
        float[] window = new float[WINDOW];
        for (int i = 0; i < WINDOW; i++) {
            window[i] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * i / WINDOW));
        }
        return window;
    }

    /** The band of each bin; -1 for those that are not heard. */
    private static int[] bands() {
        int[] bands = new int[WINDOW / 2];
        for (int bin = 0; bin < bands.length; bin++) {
            double hertz = (double) bin * Recording.RATE / THINNED / WINDOW;
            bands[bin] = hertz < LOWEST || hertz >= HIGHEST ? -1 : band(hertz);
        }
        return bands;
    }

    private static int band(double hertz) {
        return (int) (BANDS * Math.log(hertz / LOWEST) / Math.log(HIGHEST / LOWEST));
    }

    /** A recording's samples of both channels as one, each the mean of {@value #THINNED}, one after the other; 0 behind its end. */
    private static final class Thinned {
        private static final int BLOCK = 1 << 14;

        private final Recording recording;
        private final long frames;
        private final short[] block = new short[BLOCK * THINNED * Recording.CHANNELS];
        private long next;
        private int at = BLOCK;

        Thinned(Recording recording, long frames) {
            this.recording = recording;
            this.frames = frames;
        }

        void read(float[] into, int from, int count) throws IOException {
            for (int i = 0; i < count; i++) {
                if (at == BLOCK) {
                    fill();
                }
                int sum = 0;
                int start = at++ * THINNED * Recording.CHANNELS;
                for (int k = 0; k < THINNED * Recording.CHANNELS; k++) {
                    sum += block[start + k];
                }
                into[from + i] = sum / (32768f * THINNED * Recording.CHANNELS);
            }
        }

        private void fill() throws IOException {
            Arrays.fill(block, (short) 0);
            int wanted = (int) Math.max(0, Math.min(BLOCK * THINNED, frames - next));
            if (wanted > 0) {
                recording.read(next, block, wanted);
            }
            next += wanted;
            at = 0;
        }
    }
}
