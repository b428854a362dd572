package knollwind.core.motion;

import java.util.EnumMap;
import java.util.Map;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Property;

/** A move ready to be evaluated: its easing read, its lengths in px. */
public final class MoveCurve {
    private final MoveTiming timing;
    private final Easing easing;
    private final Map<Property, ChannelCurve> curves = new EnumMap<>(Property.class);
    private final Map<Property, Double> pixels = new EnumMap<>(Property.class);

    /**
     * @param em type size in px
     * @param lineHeight px
     * @param frameWidth px
     * @param frameHeight px
     */
    public MoveCurve(MoveTiming timing, double em, double lineHeight, double frameWidth, double frameHeight) {
        this.timing = timing;
        this.easing = Easings.read(timing.move().easing());
        for (Channel channel : timing.move().channels()) {
            curves.put(channel.property(), new ChannelCurve(channel));
            if (channel.unit() != null) {
                double frame = channel.property() == Property.OFFSET_X ? frameWidth : frameHeight;
                pixels.put(channel.property(), new Length(1, channel.unit()).pixels(em, lineHeight, frame));
            }
        }
    }

    public Move move() {
        return timing.move();
    }

    /** True when the unit is not seen yet, or no longer. A bar is half-open: a leaving unit is gone at its end. */
    public boolean hides(int unit, double time) {
        if (!timing.move().hidden()) {
            return false;
        }
        return timing.phase() == PhaseKind.ARRIVE
                ? time < timing.starts().get(unit)
                : time >= timing.ends().get(unit);
    }

    /** The unit's pose under this move alone. An arrive runs from away to rest, a leave from rest to away. */
    public Pose pose(int unit, double time) {
        Move move = timing.move();
        double x = timing.progress(unit, time);
        boolean arrive = timing.phase() == PhaseKind.ARRIVE;
        if (arrive ? x >= 1 : x <= 0) {
            return Pose.rest(move.pivot());
        }
        double eased = easing.at(x);
        double progress = arrive ? eased : 1 - eased;
        double scale = value(Property.SCALE, progress);
        return new Pose(
                move.pivot(),
                value(Property.OFFSET_X, progress),
                value(Property.OFFSET_Y, progress),
                scale * value(Property.SCALE_X, progress),
                scale * value(Property.SCALE_Y, progress),
                value(Property.ROTATION, progress),
                Math.max(0, Math.min(1, value(Property.OPACITY, progress))),
                Math.max(0, value(Property.BLUR, progress)),
                value(Property.TRACKING, progress),
                move.reveal());
    }

    private double value(Property property, double progress) {
        ChannelCurve curve = curves.get(property);
        return curve == null ? property.rest() : curve.at(progress) * pixels.getOrDefault(property, 1.0);
    }
}
