package knollwind.core.sound;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/** Where something begins in a recording: the phrases of a voice, and the strong onsets of anything else. */
public final class Beginnings {
    /** More could not be told apart in a row of cues; the strongest are kept. */
    public static final int MOST = 200;

    /** How far apart two onsets are at least, seconds. */
    private static final double APART = 0.12;

    /** Of the strongest twentieth: so much of it is strong. */
    private static final double STRONG = 0.4;

    /** Samples of which a loudness is told: 10 ms. */
    private static final int STEP = Recording.RATE / 100;

    /** How long nothing is said between two phrases, and how long a phrase is at least, steps. */
    private static final int PAUSE = 30;

    private static final int SHORTEST = 8;

    /** Steps that a sound lasts at least, and that it is quiet before or after, where it has an edge. */
    private static final int EDGE = 3;

    /** How far apart the onsets within words are at least, seconds; and how strong, of the strongest. */
    private static final double NEAR = 0.04;

    private static final double SOME = 0.25;

    /** Decibels over what is heard in the pauses, and under the loudest, between which a voice is heard. */
    private static final double OVER = 10;

    private static final double UNDER = 34;

    /** Nothing quieter is a voice. */
    private static final double SILENCE = -60;

    private Beginnings() {}

    /**
     * Seconds at which something strong begins to sound.
     *
     * @param frames sample frames of the recording
     */
    public static List<Double> onsets(Recording recording, long frames) throws IOException {
        float[] onsets = OnsetStrength.of(recording, frames).all();
        int reach = (int) Math.round(APART * OnsetStrength.PER_SECOND);
        List<Integer> peaks = new ArrayList<>();
        for (int i = 0; i < onsets.length; i++) {
            if (onsets[i] > 0 && isPeak(onsets, i, reach)) {
                peaks.add(i);
            }
        }
        double[] strengths = peaks.stream().mapToDouble(i -> onsets[i]).sorted().toArray();
        double strong = strengths.length == 0 ? 0 : STRONG * strengths[(int) (0.95 * (strengths.length - 1))];
        return peaks.stream()
                .filter(i -> onsets[i] >= strong)
                .sorted(Comparator.comparing(i -> -onsets[i]))
                .limit(MOST)
                .map(i -> OnsetStrength.seconds(BeatFinder.peak(onsets, i)))
                .sorted()
                .toList();
    }

    /**
     * Seconds at which a sound begins or ends within a voice, rising: what the edges of words are drawn to.
     *
     * @param frames sample frames of the recording
     */
    public static List<Double> edges(Recording recording, long frames) throws IOException {
        double[] loud = loudness(recording, frames);
        double heard = threshold(loud);
        TreeSet<Double> edges = new TreeSet<>();
        for (int i = EDGE; i < loud.length - EDGE; i++) {
            boolean before = true;
            boolean after = true;
            for (int k = 1; k <= EDGE; k++) {
                before &= loud[i - k] > heard;
                after &= loud[i + k - 1] > heard;
            }
            boolean quietBefore = loud[i - 1] <= heard && loud[i - EDGE] <= heard;
            boolean quietAfter = loud[i] <= heard && loud[i + EDGE - 1] <= heard;
            if (quietBefore && after || before && quietAfter) {
                edges.add((double) i * STEP / Recording.RATE);
            }
        }
        float[] onsets = OnsetStrength.of(recording, frames).all();
        double[] sorted = new double[onsets.length];
        for (int i = 0; i < onsets.length; i++) {
            sorted[i] = onsets[i];
        }
        Arrays.sort(sorted);
        double some = sorted.length == 0 ? 0 : SOME * sorted[(int) (0.98 * (sorted.length - 1))];
        int reach = (int) Math.round(NEAR * OnsetStrength.PER_SECOND);
        for (int i = 0; i < onsets.length; i++) {
            if (onsets[i] > some && isPeak(onsets, i, reach)) {
                edges.add(OnsetStrength.seconds(BeatFinder.peak(onsets, i)));
            }
        }
        return List.copyOf(edges);
    }

    /** Of equal ones the first. */
    private static boolean isPeak(float[] values, int at, int reach) {
        for (int i = Math.max(0, at - reach); i <= Math.min(values.length - 1, at + reach); i++) {
            if (values[i] > values[at] || values[i] == values[at] && i < at) {
                return false;
            }
        }
        return true;
    }

    /**
     * Seconds at which a voice begins to speak after a pause of 0.3 s and more.
     *
     * @param frames sample frames of the recording
     */
    public static List<Double> phrases(Recording recording, long frames) throws IOException {
        List<Double> phrases =
                speech(recording, frames).stream().map(Phrase::from).toList();
        return phrases.size() <= MOST ? phrases : phrases.subList(0, MOST);
    }

    /**
     * What a voice says between two pauses.
     *
     * @param from second
     * @param to second
     */
    public record Phrase(double from, double to) {}

    /**
     * The stretches in which a voice speaks, with pauses of 0.3 s and more between them.
     *
     * @param frames sample frames of the recording
     */
    public static List<Phrase> speech(Recording recording, long frames) throws IOException {
        double[] loud = loudness(recording, frames);
        double heard = threshold(loud);
        List<Phrase> phrases = new ArrayList<>();
        int begun = -1;
        int last = 0;
        int spoken = 0;
        for (int i = 0; i <= loud.length; i++) {
            if (i < loud.length && loud[i] > heard) {
                if (begun < 0) {
                    begun = i;
                    spoken = 0;
                }
                last = i;
                spoken++;
            } else if (begun >= 0 && (i == loud.length || i - last >= PAUSE)) {
                if (spoken >= SHORTEST) {
                    phrases.add(new Phrase(
                            (double) begun * STEP / Recording.RATE, (double) (last + 1) * STEP / Recording.RATE));
                }
                begun = -1;
            }
        }
        return phrases;
    }

    /** Decibels above which a voice is heard. */
    private static double threshold(double[] loud) {
        double[] sorted = loud.clone();
        Arrays.sort(sorted);
        double floor = sorted.length == 0 ? SILENCE : Math.max(SILENCE, sorted[sorted.length / 10]);
        double top = sorted.length == 0 ? SILENCE : sorted[(int) (0.99 * (sorted.length - 1))];
        // A voice without pauses has no floor that would tell of them.
        return Math.max(SILENCE, Math.max(Math.min(floor + OVER, top - OVER), top - UNDER));
    }

    /** Root of the mean square of each step, decibels of full scale; of both channels. */
    private static double[] loudness(Recording recording, long frames) throws IOException {
        double[] loud = new double[(int) (frames / STEP)];
        short[] samples = new short[STEP * Recording.CHANNELS];
        for (int i = 0; i < loud.length; i++) {
            recording.read((long) i * STEP, samples, STEP);
            double squares = 0;
            for (short sample : samples) {
                squares += (double) sample * sample;
            }
            loud[i] = 20 * Math.log10(Math.max(1e-6, Math.sqrt(squares / samples.length) / 32768));
        }
        return loud;
    }
}
