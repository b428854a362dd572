package knollwind.core.dressing;

import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;

/** How large a ground must be that lies under a list. */
final class Room {
    /** Of the frame: what lies further outside it is not seen. */
    private static final double AROUND = 1;

    /** px: soft edges lie inside it. */
    private static final double EDGE = 4;

    private Room() {}

    /** Around all that the list paints, as far as that can be seen. */
    static Box of(Wearer wearer, DisplayList list) {
        Box frame = wearer.scene();
        Box seen = frame.grown(AROUND * Math.max(frame.width(), frame.height()));
        Box room = list.ink().inside(seen);
        return room.isEmpty() ? frame : room.grown(EDGE);
    }
}
