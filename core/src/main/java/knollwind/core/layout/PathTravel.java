package knollwind.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.geometry.LengthIndexedPath;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.motion.Tween;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.PathStop;

/**
 * A motion path, measured. Points with a time sit at their arc lengths; between them the eased progress is measured along the
 * curve, so points without a time are passed at the speed of the stretch. What overshoots goes on along the curve, or straight
 * on beyond its ends.
 */
final class PathTravel {
    /** A point with a time. */
    private record Timed(double time, double along, PathStop stop) {}

    private final boolean turns;
    private final LengthIndexedPath.Curved curve;
    private final List<Timed> keys = new ArrayList<>();

    PathTravel(MotionPath path, BlockTiming times) {
        this.turns = path.turns();
        this.curve = new LengthIndexedPath.Curved(path.curve());
        for (int i = 0; i < path.stops().size(); i++) {
            PathStop stop = path.stops().get(i);
            if (stop.at() != null) {
                double along = i == 0 ? 0 : new LengthIndexedPath.Curved(path.upTo(i)).length();
                keys.add(new Timed(TrackCurve.time(stop.anchor(), stop.at(), times), along, stop));
            }
        }
        keys.sort(Comparator.comparingDouble(Timed::time));
    }

    /** The place at a scene time, its angle 0 where the block stays upright. */
    LengthIndexedPath.Point at(double time) {
        Tween tween = Tween.of(keys, Timed::time, key -> key.stop().easing(), time);
        double along = keys.get(tween.key()).along();
        if (tween.progress() != 0) {
            along += (keys.get(tween.key() + 1).along() - along) * tween.progress();
        }
        LengthIndexedPath.Point point = curve.at(along);
        return turns ? point : new LengthIndexedPath.Point(point.x(), point.y(), 0, 0, 0);
    }
}
