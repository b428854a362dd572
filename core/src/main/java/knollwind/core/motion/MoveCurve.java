package knollwind.core.motion;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;

/** A move ready to be evaluated: its easing read, its lengths in px. Immutable; safe for threads. */
public final class MoveCurve {
    private final MoveTiming timing;
    private final double[] starts;
    private final double[] ends;
    private final Changes common;
    /** By unit, null for those that go like the others; null when all do. */
    private final Changes[] own;

    /**
     * @param em type size in px
     * @param lineHeight px
     * @param frameWidth px
     * @param frameHeight px
     */
    public MoveCurve(MoveTiming timing, double em, double lineHeight, double frameWidth, double frameHeight) {
        this.timing = timing;
        this.starts = timing.starts().stream().mapToDouble(Double::doubleValue).toArray();
        this.ends = timing.ends().stream().mapToDouble(Double::doubleValue).toArray();
        Changes.Measures measures = new Changes.Measures(em, lineHeight, frameWidth, frameHeight);
        Move move = timing.move();
        this.common = new Changes(move, null, measures);
        if (move.own().isEmpty()) {
            this.own = null;
            return;
        }
        Map<OwnWay, Changes> ways = new HashMap<>();
        this.own = new Changes[timing.pieces().size()];
        for (int i = 0; i < own.length; i++) {
            Piece piece = timing.pieces().get(i);
            OwnWay way = move.ownOf(piece.from(), piece.to());
            own[i] = way == null ? null : ways.computeIfAbsent(way, key -> new Changes(move, key, measures));
        }
    }

    public MoveTiming timing() {
        return timing;
    }

    public Move move() {
        return timing.move();
    }

    /** True when the unit is not seen yet, or no longer. A bar is half-open: a leaving unit is gone at its end. */
    public boolean hides(int unit, double time) {
        if (!timing.move().uncovering().hidden()) {
            return false;
        }
        return switch (timing.phase()) {
            case ARRIVE -> time < starts[unit];
            case DWELL -> timing.cycle().gone(unit, time);
            case LEAVE -> time >= ends[unit];
        };
    }

    /** True while any of its pieces is on the way, or waits for it. */
    public boolean moving(double time) {
        return switch (timing.phase()) {
            case ARRIVE -> time < Arrays.stream(ends).max().orElse(0);
            case DWELL -> true;
            case LEAVE -> time >= Arrays.stream(starts).min().orElse(0);
        };
    }

    /** Progress of a unit's bar at a time, 0 before and 1 after it. */
    private double progress(int unit, double time) {
        double start = starts[unit];
        double end = ends[unit];
        if (time < start) {
            return 0;
        }
        return time >= end ? 1 : (time - start) / (end - start);
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
        Changes changes = own == null || own[unit] == null ? common : own[unit];
        switch (timing.phase()) {
            case ARRIVE -> {
                double x = progress(unit, time);
                if (x < 1) {
                    changes.addTo(pose, changes.eased(x));
                }
            }
            case LEAVE -> {
                double x = progress(unit, time);
                if (x > 0) {
                    changes.addTo(pose, 1 - changes.eased(x));
                }
            }
            default -> {
                double away = timing.cycle().at(unit, time);
                if (away != 0) {
                    changes.addTo(pose, 1 - away, 1 - timing.cycle().aside(unit, time));
                }
            }
        }
    }
}
