package knollwind.paint;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;

/** Whole pixels of a frame, right and bottom not included. */
record Area(int left, int top, int right, int bottom) {
    /** The pixels of a frame that a box touches. */
    static Area of(Box box, int width, int height) {
        return new Area(
                (int) Math.max(0, Math.floor(box.left())),
                (int) Math.max(0, Math.floor(box.top())),
                (int) Math.min(width, Math.ceil(box.right())),
                (int) Math.min(height, Math.ceil(box.bottom())));
    }

    boolean isEmpty() {
        return left >= right || top >= bottom;
    }

    long pixels() {
        return isEmpty() ? 0 : (long) (right - left) * (bottom - top);
    }

    boolean meets(Area other) {
        return left < other.right && other.left < right && top < other.bottom && other.top < bottom;
    }

    /** So many px more on each side, inside another area. */
    Area grown(int by, Area within) {
        return new Area(
                Math.max(within.left, left - by),
                Math.max(within.top, top - by),
                Math.min(within.right, right + by),
                Math.min(within.bottom, bottom + by));
    }

    Area with(Area other) {
        return new Area(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    /**
     * Areas that cover the same and do not meet each other; such as lie so that one around both is hardly larger become one.
     */
    static List<Area> apart(List<Area> areas) {
        List<Area> apart = new ArrayList<>();
        for (Area area : areas) {
            if (area.isEmpty()) {
                continue;
            }
            Area all = area;
            for (int i = 0; i < apart.size(); i++) {
                Area both = all.with(apart.get(i));
                if (all.meets(apart.get(i))
                        || both.pixels() <= all.pixels() + apart.get(i).pixels()) {
                    all = both;
                    apart.remove(i);
                    // A larger one may meet those that were passed.
                    i = -1;
                }
            }
            apart.add(all);
        }
        return apart;
    }
}
