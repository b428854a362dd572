package knollwind.core.motion;

import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;

/** The value of a channel over its unit's eased progress, from the away value at 0 to rest at 1. */
public final class ChannelCurve {
    private final List<ChannelKey> keys;
    private final List<Easing> easings;

    ChannelCurve(Channel channel) {
        this.keys = channel.keys();
        this.easings = keys.stream().map(key -> Easings.read(key.easing())).toList();
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
        while (segment + 2 < keys.size() && progress >= keys.get(segment + 1).at()) {
            segment++;
        }
        ChannelKey from = keys.get(segment);
        ChannelKey to = keys.get(segment + 1);
        double local = (progress - from.at()) / (to.at() - from.at());
        double eased = local < 0 || local > 1 ? local : easings.get(segment).at(local);
        return from.value() + (to.value() - from.value()) * eased;
    }
}
