package knollwind.core.directions.controls;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * How a stretch of a sentence is seen where there is more to see than words; what is typed stays exact.
 *
 * @param words in place of the text; null for the text itself
 * @param stops of a strip before the words: one for a swatch, none for no strip
 * @param curve values at evenly spaced times from 0 to 1, the least and the most as they come; empty for no curve
 */
public record Look(String words, List<Stop> stops, List<Double> curve) {
    /** Steps of a curve that is drawn as high as a line of words. */
    public static final int SAMPLES = 24;

    /** A colour of a strip, at a share of its length. */
    public record Stop(String colour, double at) {}

    /** A colour. */
    public static Look swatch(String colour) {
        return new Look(null, List.of(new Stop(colour, 0)), List.of());
    }

    public static Look strip(String words, List<Stop> stops) {
        return new Look(words, stops, List.of());
    }

    /** Other words alone. */
    public static Look saying(String words) {
        return new Look(words, List.of(), List.of());
    }

    /** A function over 0 to 1. */
    public static Look curve(String words, DoubleUnaryOperator function) {
        return new Look(
                words,
                List.of(),
                IntStream.rangeClosed(0, SAMPLES)
                        .mapToObj(i -> Math.rint(function.applyAsDouble((double) i / SAMPLES) * 1e3) / 1e3)
                        .toList());
    }
}
