package knollwind.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Length;
import knollwind.core.scene.LinearLight;
import knollwind.core.scene.TrackKey;

/** The value of a block track at a time. Keys hold to the block's start, its end, or a fraction of its hold. */
public final class TrackCurve {
    private record Timed<T>(double at, TrackKey<T> key) {}

    private TrackCurve() {}

    /** The scene frame of a key. */
    public static double time(TrackKey.Anchor anchor, double at, BlockTiming block) {
        return KeyClock.of(anchor, block).frame(at);
    }

    /**
     * The value at a scene time; before the first key its value, after the last key its value. Keys that stretching pushed
     * past each other are taken in order of time.
     */
    public static <T> T at(List<TrackKey<T>> keys, BlockTiming block, double time) {
        List<Timed<T>> timed = new ArrayList<>();
        for (TrackKey<T> key : keys) {
            timed.add(new Timed<>(time(key.anchor(), key.at(), block), key));
        }
        timed.sort(Comparator.comparingDouble(Timed::at));
        Tween tween = Tween.of(timed, Timed::at, one -> one.key().easing(), time);
        T from = timed.get(tween.key()).key().value();
        return tween.progress() == 0
                ? from
                : blend(from, timed.get(tween.key() + 1).key().value(), tween.progress());
    }

    @SuppressWarnings("unchecked")
    private static <T> T blend(T from, T to, double weight) {
        if (from instanceof Double a && to instanceof Double b) {
            return (T) Double.valueOf(a + (b - a) * weight);
        }
        if (from instanceof Length a && to instanceof Length b) {
            return (T) a.blend(b, weight);
        }
        if (from instanceof String a && to instanceof String b) {
            return (T) Colour.of(LinearLight.mix(Colour.argb(a), Colour.argb(b), Math.max(0, Math.min(1, weight))));
        }
        throw new IllegalArgumentException("a track can blend numbers, lengths and colours, not " + from);
    }
}
