package knollwind.core.scene;

import java.util.List;

/**
 * How a scene is looked at: what of the base frame stands in the middle of the picture, how large and how turned. Keys in
 * order of time; before the first its view holds, after the last its.
 */
public record Camera(List<Key> keys) {
    /**
     * A view.
     *
     * @param at scene frame
     * @param x px of the base frame by which the view goes to the right
     * @param y px of the base frame by which the view goes down
     * @param zoom 1 shows the base frame as it is, 2 twice as large; above 0
     * @param turn degrees by which the view turns clockwise; what is seen turns the other way
     * @param easing the way to the next key: an easing function, or {@code "hold"}
     */
    public record Key(String id, double at, Double x, Double y, Double zoom, Double turn, String easing) {
        public Key {
            Check.id(id, "a key of the camera");
            Check.range(at, -1_000_000, 1_000_000, "the time of a camera's key");
            x = x == null ? Double.valueOf(0) : x;
            y = y == null ? Double.valueOf(0) : y;
            turn = turn == null ? Double.valueOf(0) : turn;
            Check.range(x, -100_000, 100_000, "the x of a camera");
            Check.range(y, -100_000, 100_000, "the y of a camera");
            zoom = zoom == null ? Double.valueOf(1) : zoom;
            Check.range(zoom, 0.05, 50, "the zoom of a camera");
            Check.range(turn, -3600, 3600, "the turn of a camera");
            easing = easing == null ? NamedEasings.GENTLY : Check.text(easing, 2000, "an easing");
        }
    }

    public Camera {
        keys = Check.list(keys);
        Check.uniqueIds(keys, Key::id, "keys of a camera");
        if (keys.isEmpty() || keys.size() > 500) {
            throw new IllegalArgumentException("a camera needs 1 to 500 keys, not " + keys.size());
        }
        for (int i = 1; i < keys.size(); i++) {
            if (keys.get(i).at() <= keys.get(i - 1).at()) {
                throw new IllegalArgumentException("the keys of a camera must go forward in time");
            }
        }
    }
}
