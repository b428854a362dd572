package knollwind.core.motion;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Length;
import knollwind.core.scene.LinearLight;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;
import knollwind.core.scene.Wipe;

/** What a move does to those of its pieces that go the same way: its easing read, its lengths in px. */
final class Changes {
    /** Lengths in px. */
    record Measures(double em, double lineHeight, double frameWidth, double frameHeight) {}

    /** Scales below this are made good as if they were this. */
    private static final double LEAST_SCALE = 0.05;

    private final Easing easing;
    private final int times;
    private final Edge edge;
    private final Wipe wipe;
    private final RevealBar lead;
    private final ChannelCurve[] curves;
    private final Property[] properties;
    private final double[] pixels;
    private final double[][] tints;
    private final int[] strokes;
    /** px at the top of an arc's bulge, across the way from away to rest. */
    private final double bulgeX;

    private final double bulgeY;
    private final boolean keepsArea;

    /** @param way what is different from the move; null for nothing */
    Changes(Move move, OwnWay way, Measures measures) {
        boolean plain = way == null;
        this.easing = Easings.read(plain || way.easing() == null ? move.easing() : way.easing());
        this.times = plain || way.times() == null ? move.pace().times() : way.times();
        this.edge = move.uncovering().reveal();
        this.wipe = move.uncovering().wipe();
        this.lead = move.uncovering().lead();
        List<Channel> channels = plain ? move.channels() : merged(move.channels(), way.channels());
        int count = channels.size();
        this.curves = new ChannelCurve[count];
        this.properties = new Property[count];
        this.pixels = new double[count];
        this.tints = new double[count][];
        this.strokes = new int[count];
        double awayX = 0;
        double awayY = 0;
        for (int i = 0; i < count; i++) {
            Channel channel = channels.get(i);
            Property property = channel.property();
            curves[i] = new ChannelCurve(channel);
            properties[i] = property;
            double frame = property == Property.OFFSET_X ? measures.frameWidth() : measures.frameHeight();
            pixels[i] = channel.unit() == null
                    ? 1
                    : new Length(1, channel.unit()).pixels(measures.em(), measures.lineHeight(), frame);
            tints[i] = property == Property.TINT ? LinearLight.of(channel.colour()) : null;
            strokes[i] = property == Property.STROKE ? Colour.argb(channel.colour()) : 0;
            awayX = property == Property.OFFSET_X ? channel.away() * pixels[i] : awayX;
            awayY = property == Property.OFFSET_Y ? channel.away() * pixels[i] : awayY;
        }
        this.bulgeX = -awayY * move.manner().arc();
        this.bulgeY = awayX * move.manner().arc();
        boolean both = has(channels, Property.SCALE_X) && has(channels, Property.SCALE_Y);
        this.keepsArea = move.manner().keepsArea() && !both;
    }

    private static boolean has(List<Channel> channels, Property property) {
        return channels.stream().anyMatch(channel -> channel.property() == property);
    }

    /** The move's channels, those of its own in the place of others of the same property or after them. */
    private static List<Channel> merged(List<Channel> common, List<Channel> own) {
        List<Channel> merged = new ArrayList<>();
        for (Channel channel : common) {
            merged.add(own.stream()
                    .filter(other -> other.property() == channel.property())
                    .findFirst()
                    .orElse(channel));
        }
        own.stream().filter(channel -> !has(common, channel.property())).forEach(merged::add);
        return merged;
    }

    /** The eased progress of a bar that may hold several turns. */
    double eased(double x) {
        return easing.at(times == 1 || x >= 1 ? x : x * times % 1);
    }

    /** Adds what the move does at a progress, 0 away and 1 at rest. */
    void addTo(Pose pose, double progress) {
        addTo(pose, progress, progress);
    }

    /** @param aside the progress of what comes and goes without taking sides */
    void addTo(Pose pose, double progress, double aside) {
        for (int i = 0; i < curves.length; i++) {
            Property property = properties[i];
            double value = curves[i].at(property.onward() ? progress : aside);
            if (property == Property.STROKE) {
                pose.stroke(Math.max(0, value * pixels[i]), strokes[i]);
                continue;
            }
            if (tints[i] != null) {
                pose.tint(Math.max(0, Math.min(1, value)), tints[i]);
                continue;
            }
            pose.add(property, value * pixels[i]);
            if (keepsArea && (property == Property.SCALE_X || property == Property.SCALE_Y)) {
                Property other = property == Property.SCALE_X ? Property.SCALE_Y : Property.SCALE_X;
                pose.add(other, 1 / Math.max(LEAST_SCALE, value));
            }
        }
        if (bulgeX != 0 || bulgeY != 0) {
            // Half a wave: back to nothing at both ends, and on to the other side where a swing goes past rest.
            double share = StrictMath.sin(Math.PI * progress);
            pose.add(Property.OFFSET_X, bulgeX * share);
            pose.add(Property.OFFSET_Y, bulgeY * share);
        }
        pose.reveal(edge);
        pose.wipe(wipe, lead);
    }
}
