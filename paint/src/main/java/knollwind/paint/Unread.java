package knollwind.paint;

import java.util.ArrayList;
import java.util.List;

/** Where a reader of a painter's pixels has not seen them as they are now. */
final class Unread {
    /** Areas that are worth being told apart. */
    private static final int MOST = 32;

    private List<Area> areas = new ArrayList<>();

    /** One that has seen nothing yet. */
    Unread(Area whole) {
        areas.add(whole);
    }

    void add(List<Area> painted) {
        areas.addAll(painted);
        if (areas.size() > MOST) {
            areas = Area.apart(areas);
        }
        if (areas.size() > MOST) {
            areas = new ArrayList<>(List.of(areas.stream().reduce(Area::with).orElseThrow()));
        }
    }

    /** The areas, which do not meet; from now on they count as seen. */
    List<Area> take() {
        List<Area> taken = Area.apart(areas);
        areas.clear();
        return taken;
    }
}
