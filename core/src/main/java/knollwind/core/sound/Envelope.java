package knollwind.core.sound;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ShortBuffer;
import knollwind.core.scene.Loudness.Band;

/**
 * How loud a recording is, whole and in three bands: the root of the mean square of 20 ms about every 5 ms, decibels of full scale to two
 * decimals.
 */
public final class Envelope {
    /** Values of each band, a second. */
    public static final int PER_SECOND = 200;

    /** What is quieter is as quiet as this, decibels. */
    public static final double SILENCE = -120;

    /** Hz at which bands meet, each 24 decibels an octave steep (Linkwitz and Riley, 1976). */
    private static final double LOW_END = 200;

    private static final double HIGH_BEGIN = 2000;

    private static final int STEP = Recording.RATE / PER_SECOND;

    /** Steps of 5 ms that one value is of. */
    private static final int WINDOW = 4;

    private static final int BANDS = Band.values().length;
    private static final double FINENESS = 100;
    private static final int CHUNK = 200 * STEP;

    /** Of each step its bands in turn, hundredths of a decibel. */
    private final short[] values;

    private Envelope(short[] values) {
        this.values = values;
    }

    /**
     * Listens to a whole recording; bands are those of both channels' mean.
     *
     * @param frames sample frames of the recording
     */
    public static Envelope of(Recording recording, long frames) throws IOException {
        int steps = (int) ((frames + STEP - 1) / STEP);
        double[] squares = new double[steps * BANDS];
        Filter low = Filter.low(LOW_END);
        Filter rest = Filter.high(LOW_END);
        Filter middle = Filter.low(HIGH_BEGIN);
        Filter high = Filter.high(HIGH_BEGIN);
        short[] samples = new short[CHUNK * Recording.CHANNELS];
        for (long from = 0; from < frames; from += CHUNK) {
            recording.read(from, samples, CHUNK);
            int count = (int) Math.min(CHUNK, frames - from);
            for (int i = 0; i < count; i++) {
                double left = samples[2 * i] / 32768.0;
                double right = samples[2 * i + 1] / 32768.0;
                double both = (left + right) / 2;
                int at = (int) ((from + i) / STEP) * BANDS;
                squares[at] += (left * left + right * right) / 2;
                squares[at + 1] += squared(low.next(both));
                squares[at + 2] += squared(middle.next(rest.next(both)));
                squares[at + 3] += squared(high.next(both));
            }
        }
        short[] values = new short[squares.length];
        for (int i = 0; i < values.length; i++) {
            double sum = 0;
            for (int k = -WINDOW / 2; k < WINDOW / 2; k++) {
                int at = i + k * BANDS;
                sum += at < 0 || at >= squares.length ? 0 : squares[at];
            }
            double mean = sum / (WINDOW * STEP);
            double decibels = Math.max(SILENCE, 10 * StrictMath.log10(Math.max(1e-12, mean)));
            values[i] = (short) Math.round(decibels * FINENESS);
        }
        return new Envelope(values);
    }

    private static double squared(double value) {
        return value * value;
    }

    /** What {@link #bytes} wrote. */
    public static Envelope read(byte[] bytes) {
        ShortBuffer shorts = ByteBuffer.wrap(bytes).asShortBuffer();
        short[] values = new short[shorts.remaining()];
        shorts.get(values);
        return new Envelope(values);
    }

    /** All values: 16 bits each, the larger byte first. */
    public byte[] bytes() {
        ByteBuffer bytes = ByteBuffer.allocate(2 * values.length);
        bytes.asShortBuffer().put(values);
        return bytes.array();
    }

    /**
     * The loudest of the moments from one second of the recording to before another, decibels; {@value #SILENCE} outside the recording.
     */
    public double loudest(Band band, double from, double to) {
        long first = Math.max(0, step(from));
        long end = Math.min(values.length / BANDS, step(to));
        int loudest = (int) (SILENCE * FINENESS);
        for (long i = first; i < end; i++) {
            loudest = Math.max(loudest, values[(int) i * BANDS + band.ordinal()]);
        }
        return loudest / FINENESS;
    }

    /** The first step that is not before a second; seconds that come of frames are not quite even. */
    private static long step(double second) {
        return (long) Math.ceil(second * PER_SECOND - 1e-6);
    }

    /**
     * Two equal filters of the second order after one another, of Butterworth's shape (coefficients: Bristow-Johnson, Cookbook formulae for
     * audio EQ biquad filter coefficients, 1998).
     */
    private static final class Filter {
        private final double b0;
        private final double b1;
        private final double a1;
        private final double a2;
        private double x1;
        private double x2;
        private double y1;
        private double y2;
        private final Filter second;

        private Filter(double hertz, boolean high, boolean again) {
            double angle = 2 * Math.PI * hertz / Recording.RATE;
            double cosine = StrictMath.cos(angle);
            double alpha = StrictMath.sin(angle) / StrictMath.sqrt(2);
            double a0 = 1 + alpha;
            this.b0 = (high ? 1 + cosine : 1 - cosine) / 2 / a0;
            this.b1 = high ? -2 * b0 : 2 * b0;
            this.a1 = -2 * cosine / a0;
            this.a2 = (1 - alpha) / a0;
            this.second = again ? new Filter(hertz, high, false) : null;
        }

        static Filter low(double hertz) {
            return new Filter(hertz, false, true);
        }

        static Filter high(double hertz) {
            return new Filter(hertz, true, true);
        }

        double next(double x) {
            double y = b0 * (x + x2) + b1 * x1 - a1 * y1 - a2 * y2;
            x2 = x1;
            x1 = x;
            y2 = y1;
            // What is too small to be heard would only be slow to reckon with.
            y1 = Math.abs(y) < 1e-25 ? 0 : y;
            return second == null ? y1 : second.next(y1);
        }
    }
}
