package knollwind.core.motion;

import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;

/** The value of a channel over its unit's eased progress, from the away value at 0 to rest at 1. */
public final class ChannelCurve {
    private final double[] at;
    private final double[] values;
    /** Null where the way to the next key is even. */
    private final Easing[] easings;

    ChannelCurve(Channel channel) {
        List<ChannelKey> keys = channel.keys();
        this.at = keys.stream().mapToDouble(ChannelKey::at).toArray();
        this.values = keys.stream().mapToDouble(ChannelKey::value).toArray();
        this.easings = keys.stream()
                .map(key -> key.easing().equals("linear") ? null : Easings.read(key.easing()))
                .toArray(Easing[]::new);
    }

    /** The channel's values at so many even steps of progress from 0 to 1. */
    public static List<Double> samples(Channel channel, int steps) {
        ChannelCurve curve = new ChannelCurve(channel);
        return IntStream.rangeClosed(0, steps)
                .mapToObj(i -> curve.at((double) i / steps))
                .toList();
    }

    /** Progress below 0 or above 1 (an overshoot) carries the first or last stretch on in a straight line. */
    double at(double progress) {
        int segment = 0;
        while (segment + 2 < at.length && progress >= at[segment + 1]) {
            segment++;
        }
        double local = at.length == 2 ? progress : (progress - at[segment]) / (at[segment + 1] - at[segment]);
        Easing easing = easings[segment];
        double eased = easing == null || local < 0 || local > 1 ? local : easing.at(local);
        return values[segment] + (values[segment + 1] - values[segment]) * eased;
    }
}
