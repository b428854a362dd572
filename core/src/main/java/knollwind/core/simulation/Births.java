package knollwind.core.simulation;

import java.util.List;
import knollwind.core.geometry.Point;

/** Where sparks are born, and what rides ahead of them. Seconds after the first may be born. */
public interface Births {
    /** None at all. */
    Births NONE = (number, time) -> null;

    /**
     * Where one is born.
     *
     * @param number of the spark, from 0 on
     * @param time when it is born
     * @return null where none is
     */
    Point born(int number, double time);

    /** Lights that move where sparks come from. */
    default List<Point> heads(double time) {
        return List.of();
    }

    /** Those of them that are seen themselves. */
    default List<Point> lamps(double time) {
        return List.of();
    }

    /** When sparks have been at a letter, which may be seen then. */
    default double traced(int letter) {
        return 0;
    }
}
