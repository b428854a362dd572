package knollwind.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.scene.Length;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;

/** The value of a block track at a time. Keys hold to the block's start, its end, or a fraction of its hold. */
public final class TrackCurve {
    private record Timed<T>(double at, TrackKey<T> key) {}

    private TrackCurve() {}

    /**
     * The value at a scene time; before the first key its value, after the last key its value. Keys that stretching pushed
     * past each other are taken in order of time.
     */
    public static <T> T at(Value.Track<T> track, BlockTiming block, double time) {
        List<Timed<T>> keys = new ArrayList<>();
        for (TrackKey<T> key : track.track()) {
            double at = switch (key.anchor()) {
                case START -> block.start() + key.at();
                case END -> block.end() - key.at();
                case HOLD -> block.arriveEnd() + key.at() * (block.leaveStart() - block.arriveEnd());
            };
            keys.add(new Timed<>(at, key));
        }
        keys.sort(Comparator.comparingDouble(Timed::at));
        int next = 0;
        while (next < keys.size() && keys.get(next).at <= time) {
            next++;
        }
        if (next == 0) {
            return keys.get(0).key.value();
        }
        TrackKey<T> from = keys.get(next - 1).key;
        if (next == keys.size() || from.easing().equals("hold")) {
            return from.value();
        }
        double progress = (time - keys.get(next - 1).at) / (keys.get(next).at - keys.get(next - 1).at);
        return blend(
                from.value(),
                keys.get(next).key.value(),
                Easings.read(from.easing()).at(progress));
    }

    @SuppressWarnings("unchecked")
    private static <T> T blend(T from, T to, double weight) {
        if (from instanceof Double a && to instanceof Double b) {
            return (T) Double.valueOf(a + (b - a) * weight);
        }
        if (from instanceof Length a && to instanceof Length b) {
            return (T) a.blend(b, weight);
        }
        throw new IllegalArgumentException("a track can blend numbers and lengths, not " + from);
    }
}
