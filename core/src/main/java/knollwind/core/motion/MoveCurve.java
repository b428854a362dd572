package knollwind.core.motion;

import java.util.List;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Length;
import knollwind.core.scene.LinearLight;
import knollwind.core.scene.Move;
import knollwind.core.scene.Property;

/** A move ready to be evaluated: its easing read, its lengths in px. Immutable; safe for threads. */
public final class MoveCurve {
    private final MoveTiming timing;
    private final Easing easing;
    private final ChannelCurve[] curves;
    private final Property[] properties;
    private final double[] pixels;
    private final double[][] tints;

    /**
     * @param em type size in px
     * @param lineHeight px
     * @param frameWidth px
     * @param frameHeight px
     */
    public MoveCurve(MoveTiming timing, double em, double lineHeight, double frameWidth, double frameHeight) {
        this.timing = timing;
        this.easing = Easings.read(timing.move().easing());
        List<Channel> channels = timing.move().channels();
        int count = channels.size();
        this.curves = new ChannelCurve[count];
        this.properties = new Property[count];
        this.pixels = new double[count];
        this.tints = new double[count][];
        for (int i = 0; i < count; i++) {
            Channel channel = channels.get(i);
            curves[i] = new ChannelCurve(channel);
            properties[i] = channel.property();
            double frame = channel.property() == Property.OFFSET_X ? frameWidth : frameHeight;
            pixels[i] = channel.unit() == null ? 1 : new Length(1, channel.unit()).pixels(em, lineHeight, frame);
            tints[i] = channel.colour() == null ? null : LinearLight.of(channel.colour());
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
        return switch (timing.phase()) {
            case ARRIVE -> time < timing.start(unit);
            case DWELL -> false;
            case LEAVE -> time >= timing.end(unit);
        };
    }

    /** The unit's pose under this move alone. */
    public Pose pose(int unit, double time) {
        Pose pose = new Pose(timing.move().pivot());
        addTo(pose, unit, time);
        return pose;
    }

    /**
     * Adds what this move does to a unit. An arrive runs from away to rest, a leave from rest to away; a dwell goes away and
     * comes back.
     */
    public void addTo(Pose pose, int unit, double time) {
        double progress;
        switch (timing.phase()) {
            case ARRIVE -> {
                double x = timing.progress(unit, time);
                if (x >= 1) {
                    return;
                }
                progress = easing.at(turn(x));
            }
            case LEAVE -> {
                double x = timing.progress(unit, time);
                if (x <= 0) {
                    return;
                }
                progress = 1 - easing.at(turn(x));
            }
            default -> {
                double away = timing.cycle().at(unit, time);
                if (away == 0) {
                    return;
                }
                progress = 1 - away;
            }
        }
        for (int i = 0; i < curves.length; i++) {
            double value = curves[i].at(progress);
            if (tints[i] != null) {
                pose.tint(Math.max(0, Math.min(1, value)), tints[i]);
            } else {
                pose.add(properties[i], value * pixels[i]);
            }
        }
        pose.reveal(timing.move().reveal());
    }

    /** The progress of the one of several repeats that a bar is in. */
    private double turn(double x) {
        int times = timing.move().pace().times();
        return times == 1 || x >= 1 ? x : x * times % 1;
    }
}
