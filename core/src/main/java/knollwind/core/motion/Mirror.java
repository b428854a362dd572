package knollwind.core.motion;

import java.util.List;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Property;

/** Makes a way out of a way in. */
public final class Mirror {
    private Mirror() {}

    /**
     * The move that, in a leave, shows at k frames before the end what the arrive shows k frames after the start, when
     * ranks are reversed too: the same channels, the easing reversed. The order keeps its name.
     */
    public static Move of(Move arrive, String id) {
        List<OwnWay> own = arrive.own().stream()
                .map(way -> new OwnWay(
                        way.id(),
                        way.from(),
                        way.to(),
                        way.shift(),
                        way.easing() == null ? null : Easings.reversed(way.easing()),
                        way.times(),
                        way.channels()))
                .toList();
        return arrive.withId(id)
                .withEasing(Easings.reversed(arrive.easing()))
                .withCycle(null)
                .withOwn(own)
                .withShared(null);
    }

    /** The same, but what came from one side goes on to the other, and turns go on turning. */
    public static Move onward(Move arrive, String id) {
        Move back = of(arrive, id);
        return back.withChannels(back.channels().stream().map(Mirror::onward).toList());
    }

    private static Channel onward(Channel channel) {
        boolean turns = channel.property().measure() == Property.Measure.DEGREES;
        if (!channel.property().sided() && !turns) {
            return channel;
        }
        return channel.mirrored();
    }
}
