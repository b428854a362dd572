package knollwind.core.dressing;

import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Many boxes as one outline. */
final class Boxes {
    private static final int CORNERS = 4;
    private static final int VERBS = 5;

    private Boxes() {}

    /** All turn one way, so that they hold where they overlap. */
    static Outline outline(List<Box> boxes) {
        byte[] verbs = new byte[VERBS * boxes.size()];
        float[] points = new float[2 * CORNERS * boxes.size()];
        Box ink = Box.EMPTY;
        for (int i = 0; i < boxes.size(); i++) {
            Outline one = Outline.rectangle(boxes.get(i));
            System.arraycopy(one.verbs(), 0, verbs, VERBS * i, VERBS);
            System.arraycopy(one.points(), 0, points, 2 * CORNERS * i, 2 * CORNERS);
            ink = ink.union(boxes.get(i));
        }
        return Outline.of(verbs, points, ink);
    }
}
