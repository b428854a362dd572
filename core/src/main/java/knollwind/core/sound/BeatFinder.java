package knollwind.core.sound;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Finds the beats of music: the tempo from what repeats in its onsets, with a broad leaning towards 120 a minute, the beats by dynamic
 * programming (Ellis, <em>Beat tracking by dynamic programming</em>, 2007), bars by where the low sounds are.
 */
public final class BeatFinder {
    /** Slower and faster ones are found as their double and half. */
    private static final double SLOWEST = 55;

    private static final double FASTEST = 215;

    private static final double USUAL = 120;

    /** How broad the leaning is, octaves. */
    private static final double LEANING = 1.0;

    /** How dear it is when two beats lie otherwise apart than the tempo has it. */
    private static final double TIGHT = 100;

    /** Of the best: from here on another octave is said, too. */
    private static final double AS_GOOD = 0.6;

    /** What repeats so much as well after a half or a third of the time is the beat. */
    private static final double WITHIN = 0.5;

    /** Seconds of music under which nothing can be told. */
    private static final double LEAST = 3;

    static final int STEADY_MS = 25;

    private BeatFinder() {}

    /**
     * @param frames sample frames of the recording
     * @throws IllegalArgumentException where no beat can be found, with the reason
     */
    public static FoundBeats find(Recording recording, long frames) throws IOException {
        if (frames < LEAST * Recording.RATE) {
            throw new IllegalArgumentException("a beat can be found in " + (int) LEAST + " seconds of music and more");
        }
        OnsetStrength onsets = OnsetStrength.of(recording, frames);
        double[] alike = alike(onsets.all());
        double[] repeats = leaning(alike);
        int likely = best(repeats);
        if (repeats[likely] <= 0) {
            throw new IllegalArgumentException("nothing in this recording repeats like a beat");
        }
        int period = within(alike, likely);
        List<Integer> places = beats(onsets.all(), period);
        List<Double> beats = places.stream()
                .map(place -> OnsetStrength.seconds(peak(onsets.all(), place)))
                .toList();
        if (beats.size() < 4) {
            throw new IllegalArgumentException("nothing in this recording repeats like a beat");
        }
        Line line = Line.through(beats);
        int perBar = perBar(onsets, places);
        int bar = bar(onsets, places, perBar);
        double spacing = line.slope();
        double first = line.at(bar) - Math.floor(line.at(bar) / (spacing * perBar)) * spacing * perBar;
        List<Double> downbeats = IntStream.range(0, beats.size())
                .filter(i -> i % perBar == bar)
                .mapToObj(beats::get)
                .toList();
        return new FoundBeats(
                60 / spacing, first, perBar, line.near(beats), others(repeats, period, 60 / spacing), beats, downbeats);
    }

    private static final int LEAST_LAG = (int) Math.floor(60 * OnsetStrength.PER_SECOND / FASTEST);
    private static final int MOST_LAG = (int) Math.ceil(60 * OnsetStrength.PER_SECOND / SLOWEST);

    /** How much the onsets are like themselves after so many hops. */
    private static double[] alike(float[] onsets) {
        double[] alike = new double[4 * MOST_LAG + 3];
        for (int lag = LEAST_LAG; lag < Math.min(alike.length, onsets.length); lag++) {
            double sum = 0;
            for (int i = lag; i < onsets.length; i++) {
                sum += onsets[i] * onsets[i - lag];
            }
            alike[lag] = sum / (onsets.length - lag);
        }
        return alike;
    }

    /** The same as far as it speaks for a beat: with what repeats after two and four of them, and what is usual before the rest. */
    private static double[] leaning(double[] alike) {
        double[] repeats = new double[MOST_LAG + 1];
        for (int lag = LEAST_LAG; lag <= MOST_LAG; lag++) {
            double octaves = Math.log(lag * USUAL / 60 / OnsetStrength.PER_SECOND) / Math.log(2);
            repeats[lag] = Math.exp(-0.5 * octaves * octaves / LEANING / LEANING)
                    * (alike[lag] + 0.5 * near(alike, 2 * lag, 1) + 0.25 * near(alike, 4 * lag, 2));
        }
        return repeats;
    }

    /** The beat within what may be two or three of it. */
    private static int within(double[] alike, int period) {
        for (int part : new int[] {2, 3}) {
            if (near(alike, period / part, 1) >= WITHIN * alike[period]) {
                int from = period / part - 1;
                int best = from;
                for (int lag = from; lag <= from + 2; lag++) {
                    best = alike[lag] > alike[best] ? lag : best;
                }
                return best;
            }
        }
        return period;
    }

    private static double near(double[] values, int at, int by) {
        double most = 0;
        for (int i = Math.max(0, at - by); i <= Math.min(values.length - 1, at + by); i++) {
            most = Math.max(most, values[i]);
        }
        return most;
    }

    private static int best(double[] values) {
        int best = 0;
        for (int i = 1; i < values.length; i++) {
            best = values[i] > values[best] ? i : best;
        }
        return best;
    }

    /** Half and double, where they repeat nearly as well. */
    private static List<Double> others(double[] repeats, int period, double perMinute) {
        List<Double> others = new ArrayList<>();
        if (2 * period < repeats.length && near(repeats, 2 * period, 2) >= AS_GOOD * repeats[period]) {
            others.add(perMinute / 2);
        }
        if (near(repeats, period / 2, 1) >= AS_GOOD * repeats[period]) {
            others.add(perMinute * 2);
        }
        return others;
    }

    /** Places of beats so that there is most to hear at them and they lie a period apart. */
    private static List<Integer> beats(float[] onsets, int period) {
        int least = period / 2;
        int most = 2 * period;
        double[] apart = new double[most + 1];
        for (int lag = least; lag <= most; lag++) {
            double other = Math.log((double) lag / period);
            apart[lag] = TIGHT * other * other;
        }
        double[] score = new double[onsets.length];
        int[] before = new int[onsets.length];
        for (int i = 0; i < onsets.length; i++) {
            double best = 0;
            before[i] = -1;
            for (int lag = least; lag <= most && lag <= i; lag++) {
                double chained = score[i - lag] - apart[lag];
                if (chained > best) {
                    best = chained;
                    before[i] = i - lag;
                }
            }
            score[i] = onsets[i] + best;
        }
        int last = onsets.length - 1;
        for (int i = onsets.length - 1; i >= Math.max(0, onsets.length - most); i--) {
            last = score[i] > score[last] ? i : last;
        }
        List<Integer> places = new ArrayList<>();
        for (int place = last; place >= 0; place = before[place]) {
            places.add(place);
        }
        Collections.reverse(places);
        return trimmed(places, onsets);
    }

    /** Without those at the ends at which nothing is heard. */
    private static List<Integer> trimmed(List<Integer> places, float[] onsets) {
        double[] heard = places.stream()
                .mapToDouble(place -> onsets[(int) Math.rint(peak(onsets, place))])
                .toArray();
        double usual =
                Math.sqrt(Arrays.stream(heard).map(one -> one * one).average().orElse(0)) / 4;
        int from = 0;
        while (from < heard.length && heard[from] <= usual) {
            from++;
        }
        int to = heard.length;
        while (to > from && heard[to - 1] <= usual) {
            to--;
        }
        return places.subList(from, to);
    }

    /** Where around a place the onset is strongest, between hops by a parabola through three. */
    static double peak(float[] onsets, int place) {
        int top = place;
        for (int i = Math.max(0, place - 2); i <= Math.min(onsets.length - 1, place + 2); i++) {
            top = onsets[i] > onsets[top] ? i : top;
        }
        if (top == 0 || top == onsets.length - 1) {
            return top;
        }
        double left = onsets[top - 1];
        double right = onsets[top + 1];
        double bend = left - 2 * onsets[top] + right;
        return bend >= 0 ? top : top + Math.max(-0.5, Math.min(0.5, 0.5 * (left - right) / bend));
    }

    /** Low sounds at each beat. */
    private static double[] lows(OnsetStrength onsets, List<Integer> places) {
        return places.stream()
                .mapToDouble(place -> IntStream.rangeClosed(-3, 3)
                        .map(by -> Math.max(0, Math.min(onsets.low().length - 1, place + by)))
                        .mapToDouble(i -> onsets.low()[i])
                        .max()
                        .orElse(0))
                .toArray();
    }

    /** By how much the low sounds of the fullest place of a bar stand out of the others. */
    private static double standsOut(double[] lows, int perBar, int place) {
        double here = 0;
        int count = 0;
        for (int i = place; i < lows.length; i += perBar) {
            here += lows[i];
            count++;
        }
        double all = DoubleStream.of(lows).average().orElse(0);
        return count == 0 ? 0 : here / count - all;
    }

    private static int fullest(double[] lows, int perBar) {
        int best = 0;
        for (int place = 1; place < perBar; place++) {
            best = standsOut(lows, perBar, place) > standsOut(lows, perBar, best) ? place : best;
        }
        return best;
    }

    /** Four, unless every third beat stands out more than every fourth does, and more than every second. */
    private static int perBar(OnsetStrength onsets, List<Integer> places) {
        double[] lows = lows(onsets, places);
        double threes = standsOut(lows, 3, fullest(lows, 3));
        double fours = Math.max(standsOut(lows, 4, fullest(lows, 4)), standsOut(lows, 2, fullest(lows, 2)));
        return threes > 1.2 * fours ? 3 : 4;
    }

    private static int bar(OnsetStrength onsets, List<Integer> places, int perBar) {
        return fullest(lows(onsets, places), perBar);
    }

    /** The steady beats that the found ones lie nearest to: at + i · slope. */
    private record Line(double at, double slope) {
        static Line through(List<Double> beats) {
            int n = beats.size();
            double middle = (n - 1) / 2.0;
            double mean =
                    beats.stream().mapToDouble(Double::doubleValue).average().orElse(0);
            double over = 0;
            double under = 0;
            for (int i = 0; i < n; i++) {
                over += (i - middle) * (beats.get(i) - mean);
                under += (i - middle) * (i - middle);
            }
            double slope = over / under;
            return new Line(mean - middle * slope, slope);
        }

        double at(int beat) {
            return at + beat * slope;
        }

        boolean near(List<Double> beats) {
            double[] off = IntStream.range(0, beats.size())
                    .mapToDouble(i -> Math.abs(beats.get(i) - at(i)))
                    .sorted()
                    .toArray();
            return off[off.length / 2] * 1000 <= STEADY_MS;
        }
    }
}
