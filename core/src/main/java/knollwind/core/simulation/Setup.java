package knollwind.core.simulation;

import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;

/**
 * All that a fall depends on. px and frames, y downwards.
 *
 * @param forces of each frame from the first on; the last one stays
 * @param walls what stands
 * @param pushes frames at which all are pushed, rising
 */
public record Setup(Laws laws, List<Forces> forces, List<Thing> things, List<Wall> walls, List<Double> pushes) {
    /**
     * A body as it begins.
     *
     * @param share of the way from the smallest size to the largest, 0 to 1
     * @param x of its middle
     * @param y of its middle
     * @param turn radians, clockwise
     * @param vx px a second
     * @param vy px a second
     * @param born frame from which on it is there
     * @param hung where it is held, px from its middle; it swings freely through all others then; null where it is not
     */
    public record Thing(
            Solid solid, double share, double x, double y, double turn, double vx, double vy, int born, Point hung) {
        /** One that falls at its own size. */
        public static Thing of(Solid solid, double x, double y, double turn, int born) {
            return new Thing(solid, 0, x, y, turn, 0, 0, born, null);
        }
    }

    /**
     * What stands.
     *
     * @param x of its middle
     * @param y of its middle
     */
    public record Wall(Solid solid, double x, double y) {
        public static Wall of(Box box) {
            return new Wall(
                    Solid.of(Solid.Form.BOX, box.width(), box.height()),
                    (box.left() + box.right()) / 2,
                    (box.top() + box.bottom()) / 2);
        }
    }

    /**
     * What holds everywhere and always.
     *
     * @param bounce share of its speed that a body keeps where it strikes, 0 to 1
     * @param friction of one on another, 0 to 1
     * @param alike whether all bodies are equally heavy, and not by their size
     * @param perSecond frames
     */
    public record Laws(double bounce, double friction, boolean alike, double perSecond, int seed) {}

    public Setup {
        forces = List.copyOf(forces);
        things = List.copyOf(things);
        walls = List.copyOf(walls);
        pushes = List.copyOf(pushes);
    }

    /** The same for all that fall alike, on every machine. */
    String hash() {
        return SetupHash.of(this);
    }

    /** In the frame that begins then. */
    Forces forces(int frame) {
        return forces.get(Math.min(frame, forces.size() - 1));
    }
}
