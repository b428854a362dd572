package knollwind.core.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Music whose beats are known: drums and a bass, made of sines and noise.
 *
 * @param beats seconds of all beats
 * @param samples of both channels in turn
 */
public record MadeLoop(List<Double> beats, int perBar, short[] samples) implements Recording {
    /** How the drums play. */
    public enum Feel {
        STRAIGHT,
        SWUNG,
        WITH_FILLS,
        WALTZ
    }

    /**
     * @param lead seconds of silence before the first beat
     */
    public static MadeLoop of(double perMinute, Feel feel, double seconds, double lead) {
        int frames = (int) (seconds * RATE);
        double[] mix = new double[frames];
        Random random = new Random(Math.round(perMinute * 100) + feel.ordinal());
        double beat = 60 / perMinute;
        int perBar = feel == Feel.WALTZ ? 3 : 4;
        double off = feel == Feel.SWUNG ? 2.0 / 3 : 0.5;
        List<Double> beats = new ArrayList<>();
        for (int i = 0; lead + i * beat < seconds - 0.1; i++) {
            double at = lead + i * beat;
            int place = i % perBar;
            beats.add(at);
            boolean fill = feel == Feel.WITH_FILLS && i / perBar % 4 == 3 && place == 3;
            if (place == 0 || perBar == 4 && place == 2) {
                kick(mix, at, place == 0 ? 0.8 : 0.55);
            } else if (!fill) {
                noise(mix, at, 0.12, perBar == 3 ? 0.25 : 0.45, random, false);
            }
            for (int k = 0; fill && k < 4; k++) {
                noise(mix, at + k * beat / 4, 0.08, 0.4, random, false);
            }
            noise(mix, at, 0.03, 0.15, random, true);
            noise(mix, at + off * beat, 0.03, 0.12, random, true);
            if (place == 0) {
                tone(mix, at, beat * perBar * 0.9, 55 * Math.pow(2, random.nextInt(8) / 12.0), 0.2);
            }
        }
        short[] samples = new short[frames * CHANNELS];
        for (int i = 0; i < frames; i++) {
            short value = (short) (32767 * Math.max(-1, Math.min(1, mix[i] * 0.7)));
            samples[2 * i] = value;
            samples[2 * i + 1] = value;
        }
        return new MadeLoop(beats, perBar, samples);
    }

    private static void kick(double[] mix, double at, double loud) {
        double phase = 0;
        for (int i = start(at); i < Math.min(mix.length, start(at) + RATE / 4); i++) {
            double t = (i - start(at)) / (double) RATE;
            phase += 2 * Math.PI * (50 + 90 * Math.exp(-t * 40)) / RATE;
            mix[i] += loud * Math.exp(-t * 18) * Math.sin(phase);
        }
    }

    private static void noise(double[] mix, double at, double lasts, double loud, Random random, boolean high) {
        double before = 0;
        for (int i = start(at); i < Math.min(mix.length, start(at) + (int) (4 * lasts * RATE)); i++) {
            double value = random.nextGaussian() / 3;
            mix[i] += loud * Math.exp(-(i - start(at)) / (lasts * RATE)) * (high ? value - before : value);
            before = value;
        }
    }

    private static void tone(double[] mix, double at, double lasts, double hertz, double loud) {
        for (int i = start(at); i < Math.min(mix.length, start(at) + (int) (lasts * RATE)); i++) {
            double t = (i - start(at)) / (double) RATE;
            mix[i] += loud * Math.exp(-t) * Math.sin(2 * Math.PI * hertz * t);
        }
    }

    private static int start(double at) {
        return (int) Math.round(at * RATE);
    }

    public long frames() {
        return samples.length / CHANNELS;
    }

    @Override
    public void read(long from, short[] into, int frames) {
        for (int i = 0; i < frames * CHANNELS; i++) {
            long at = from * CHANNELS + i;
            into[i] = at >= 0 && at < samples.length ? samples[(int) at] : 0;
        }
    }

    /** Of the true beats, how many are met by a found one within so many ms. */
    public double met(FoundBeats found, double ms) {
        long met = beats.stream()
                .filter(beat -> found.beats().stream().anyMatch(one -> Math.abs(one - beat) * 1000 <= ms))
                .count();
        return (double) met / beats.size();
    }
}
