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
        return in(value, timing, time);
    }

    /** @param time frames of the scene, in parts too */
    public static String colour(Value<String> value, BlockTiming timing, double time) {
        return in(value, timing, time);
    }

    /** @param time frames of the scene, in parts too */
    static Length length(Value<Length> value, BlockTiming timing, double time) {
        return in(value, timing, time);
    }

    /** True when the value changes while its block lasts. */
    public static boolean moves(Value<?> value) {
        return value.keys().filter(keys -> keys.size() > 1).isPresent();
    }

    private static <T> T in(Value<T> value, BlockTiming timing, double time) {
        return value.keys().isPresent() ? TrackCurve.at(value.keys().get(), timing, time) : still(value);
    }

    private static <T> T still(Value<T> value) {
        return value.match(literal -> literal, field -> open(), keys -> {
            throw new IllegalArgumentException("a value that must stand still carries keys");
        });
    }

    private static <T> T open() {
        throw new IllegalArgumentException("a value is still open for others to fill");
    }
}
