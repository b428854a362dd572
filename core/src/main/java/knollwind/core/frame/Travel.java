package knollwind.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.motion.Tween;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Length;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.PathStop;
import knollwind.core.scene.Place;

/**
 * Where a block's pivot is over time, how turned and how large, px of the base frame, from its own place alone.
 *
 * @param times the block's phases, without its moves
 * @param em type size in px
 * @param lineHeight px
 * @param anchor where the pivot stands because the block is attached; null lets its place say so
 */
record Travel(
        Place place,
        BlockTiming times,
        double em,
        double lineHeight,
        FrameFit fit,
        FieldValues fields,
        Surroundings.Point anchor) {
    /** A time after all keys: blocks are laid out where they come to rest. */
    static final double HOME = Double.MAX_VALUE;

    /** A point with a time. */
    private record Timed(double time, double along, PathStop stop) {}

    static Travel of(
            Place place, BlockTiming timing, double em, double lineHeight, Surroundings around, FieldValues fields) {
        BlockTiming times = new BlockTiming(
                timing.start(), timing.arriveEnd(), timing.leaveStart(), timing.end(), timing.scale(), List.of());
        return new Travel(place, times, em, lineHeight, around.fit(), fields, around.anchor());
    }

    /** Where the pivot is, and the direction of travel where the block turns with it. */
    private Track.Point at(double time) {
        if (anchor != null) {
            return new Track.Point(anchor.x(), anchor.y(), 0, 0, 0);
        }
        if (place.way() != null) {
            return onWay(place.way(), time);
        }
        Length x = fields.length(place.x(), times, time);
        Length y = fields.length(place.y(), times, time);
        return new Track.Point(fit.across(x, em, lineHeight), fit.down(y, em, lineHeight), 0, 0, 0);
    }

    /**
     * The place on a motion path. Points with a time sit at their arc lengths; between them the eased progress is measured
     * along the curve, so points without a time are passed at the speed of the stretch. What overshoots goes on along the
     * curve, or straight on beyond its ends.
     */
    private Track.Point onWay(MotionPath way, double time) {
        Track.Curved curve = new Track.Curved(way.curve());
        List<Timed> keys = new ArrayList<>();
        for (int i = 0; i < way.stops().size(); i++) {
            PathStop stop = way.stops().get(i);
            if (stop.at() != null) {
                double along = i == 0 ? 0 : new Track.Curved(way.upTo(i)).length();
                keys.add(new Timed(TrackCurve.time(stop.anchor(), stop.at(), times), along, stop));
            }
        }
        keys.sort(Comparator.comparingDouble(Timed::time));
        Tween tween = Tween.of(keys, Timed::time, key -> key.stop().easing(), time);
        double along = keys.get(tween.key()).along();
        if (tween.progress() != 0) {
            along += (keys.get(tween.key() + 1).along() - along) * tween.progress();
        }
        Track.Point point = curve.at(along);
        return way.turns() ? point : new Track.Point(point.x(), point.y(), 0, 0, 0);
    }

    Surroundings.Point pivot(double time) {
        Track.Point at = at(time);
        return new Surroundings.Point(at.x(), at.y());
    }

    double rotation(double time) {
        double own = fields.number(place.rotation(), times, time);
        return place.way() == null || anchor != null ? own : own + at(time).angle();
    }

    double scale(double time) {
        return fields.number(place.scale(), times, time);
    }

    /** True when the block is neither turned nor scaled at this time. */
    boolean upright(double time) {
        return rotation(time) == 0 && scale(time) == 1;
    }

    /** Maps the block's px, counted from its pivot, to px of the base frame. */
    Matrix matrix(double time) {
        Surroundings.Point at = pivot(time);
        double scale = scale(time);
        return Matrix.translate(at.x(), at.y())
                .times(Matrix.rotate(rotation(time)))
                .times(Matrix.scale(scale, scale));
    }
}
