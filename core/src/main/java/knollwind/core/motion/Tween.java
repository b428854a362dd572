package knollwind.core.motion;

import java.util.List;
import java.util.function.ToDoubleFunction;

/** Where a time lies between keys: after which one, and how far on the eased way to the next. */
public record Tween(int key, double progress) {
    /**
     * The place of a time among keys in order of time.
     *
     * @param easing of a key: the way to the next, an easing function or {@code "hold"}
     * @return before the first key its own place, from the last one on its own
     */
    public static <K> Tween of(
            List<K> keys, ToDoubleFunction<K> at, java.util.function.Function<K, String> easing, double time) {
        int next = 0;
        while (next < keys.size() && at.applyAsDouble(keys.get(next)) <= time) {
            next++;
        }
        if (next == 0) {
            return new Tween(0, 0);
        }
        K from = keys.get(next - 1);
        if (next == keys.size() || easing.apply(from).equals("hold")) {
            return new Tween(next - 1, 0);
        }
        double begin = at.applyAsDouble(from);
        double x = (time - begin) / (at.applyAsDouble(keys.get(next)) - begin);
        return new Tween(next - 1, Easings.read(easing.apply(from)).at(x));
    }
}
