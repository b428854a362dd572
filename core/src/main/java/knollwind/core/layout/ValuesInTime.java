package knollwind.core.layout;

import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.scene.Length;
import knollwind.core.scene.Value;

/** Values of a plain document: literals as they are, keys at a time. What is left open for others was filled before layout. */
public final class ValuesInTime {
    private ValuesInTime() {}

    /** @throws IllegalArgumentException where it carries keys, or is still open */
    public static double number(Value<Double> value) {
        return still(value);
    }

    /** @throws IllegalArgumentException where it carries keys, or is still open */
    public static String colour(Value<String> value) {
        return still(value);
    }

    /** @param time frames of the scene, in parts too */
    public static double number(Value<Double> value, BlockTiming timing, double time) {
        return value instanceof Value.Track<Double> track ? TrackCurve.at(track, timing, time) : still(value);
    }

    /** @param time frames of the scene, in parts too */
    static Length length(Value<Length> value, BlockTiming timing, double time) {
        return value instanceof Value.Track<Length> track ? TrackCurve.at(track, timing, time) : still(value);
    }

    /** True when the value changes while its block lasts. */
    public static boolean moves(Value<?> value) {
        return value instanceof Value.Track<?> track && track.track().size() > 1;
    }

    private static <T> T still(Value<T> value) {
        if (value instanceof Value.Literal<T> literal) {
            return literal.value();
        }
        throw new IllegalArgumentException(
                value instanceof Value.Track<T>
                        ? "a value that must stand still carries keys"
                        : "a value is still open for others to fill");
    }
}
