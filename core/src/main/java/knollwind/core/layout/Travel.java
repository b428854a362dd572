package knollwind.core.layout;

import java.util.List;
import knollwind.core.geometry.LengthIndexedPath;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Point;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Place;

/**
 * Where a block's pivot is over time, how turned and how large, px of the base frame, from its own place alone. Two travels
 * that are made of the same are equal.
 */
public final class Travel {
    /** A time after all keys: blocks are laid out where they come to rest. */
    public static final double HOME = Double.MAX_VALUE;

    /** What a travel is made of: two that are made of the same are the same. */
    private record Made(Place place, BlockTiming times, double em, double lineHeight, FrameFit fit, Point anchor) {}

    private final Made made;
    private final Place place;
    private final BlockTiming times;
    private final Point anchor;
    /** The measured path; null where there is none, or the block is attached. */
    private final PathTravel way;

    private Travel(Made made) {
        this.made = made;
        this.place = made.place;
        this.times = made.times;
        this.anchor = made.anchor;
        this.way = place.way() == null || anchor != null ? null : new PathTravel(place.way(), times);
    }

    /**
     * @param timing of which only the phases count
     * @param em type size in px
     * @param lineHeight px
     */
    public static Travel of(Place place, BlockTiming timing, double em, double lineHeight, Surroundings around) {
        BlockTiming times = new BlockTiming(
                timing.start(),
                timing.arriveEnd(),
                timing.leaveStart(),
                timing.end(),
                timing.scale(),
                timing.leaveScale(),
                List.of());
        return new Travel(new Made(place, times, em, lineHeight, around.fit(), around.anchor()));
    }

    /** Where the pivot is, and the direction of travel where the block turns with it. */
    private LengthIndexedPath.Point at(double time) {
        if (anchor != null) {
            return new LengthIndexedPath.Point(anchor.x(), anchor.y(), 0, 0, 0);
        }
        if (way != null) {
            return way.at(time);
        }
        Length x = ValuesInTime.length(place.x(), times, time);
        Length y = ValuesInTime.length(place.y(), times, time);
        return new LengthIndexedPath.Point(
                made.fit.across(x, made.em, made.lineHeight), made.fit.down(y, made.em, made.lineHeight), 0, 0, 0);
    }

    public Point pivot(double time) {
        LengthIndexedPath.Point at = at(time);
        return new Point(at.x(), at.y());
    }

    double rotation(double time) {
        double own = ValuesInTime.number(place.rotation(), times, time);
        return way == null ? own : own + way.at(time).angle();
    }

    public double scale(double time) {
        return ValuesInTime.number(place.scale(), times, time);
    }

    /** True when the block is neither turned nor scaled at this time. */
    boolean upright(double time) {
        return rotation(time) == 0 && scale(time) == 1;
    }

    /** Maps the block's px, counted from its pivot, to px of the base frame. */
    Matrix matrix(double time) {
        Point at = pivot(time);
        double scale = scale(time);
        return Matrix.translate(at.x(), at.y())
                .times(Matrix.rotate(rotation(time)))
                .times(Matrix.scale(scale, scale));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Travel travel && travel.made.equals(made);
    }

    @Override
    public int hashCode() {
        return made.hashCode();
    }
}
