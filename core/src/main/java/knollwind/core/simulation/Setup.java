package knollwind.core.simulation;

import java.util.List;
import knollwind.core.geometry.Box;

/**
 * All that a fall depends on. px and frames, y downwards.
 *
 * @param walls what stands
 * @param pushes frames at which all are pushed, rising
 */
public record Setup(Laws laws, List<Thing> things, List<Wall> walls, List<Double> pushes) {
    /**
     * A body as it begins.
     *
     * @param x of its middle
     * @param y of its middle
     * @param turn radians, clockwise
     * @param vx px a second
     * @param vy px a second
     * @param born frame from which on it is there
     */
    public record Thing(Solid solid, double x, double y, double turn, double vx, double vy, int born) {}

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
     * What holds everywhere.
     *
     * @param gravityX px a second faster each second
     * @param gravityY the same downwards
     * @param bounce share of its speed that a body keeps where it strikes, 0 to 1
     * @param friction of one on another, 0 to 1
     * @param drag of the air: the share of the difference to it that is lost in an instant, per second
     * @param windX px a second that the air moves
     * @param windY the same downwards
     * @param gusts share by which the wind rises and falls
     * @param push px a second that a push gives
     * @param perSecond frames
     */
    public record Laws(
            double gravityX,
            double gravityY,
            double bounce,
            double friction,
            double drag,
            double windX,
            double windY,
            double gusts,
            double push,
            double perSecond,
            int seed) {}

    public Setup {
        things = List.copyOf(things);
        walls = List.copyOf(walls);
        pushes = List.copyOf(pushes);
    }
}
