package knollwind.paint;

import knollwind.core.display.Piece;
import knollwind.core.geometry.Box;

/**
 * How large frames are seen.
 *
 * @param x pixels that one of the frame's takes across
 * @param y and down
 * @param width px of what is painted
 * @param height px
 */
record Seen(double x, double y, int width, int height) {
    /** px by which an edge may lie beyond where it is told: it is soft, and numbers are rounded when a frame is seen smaller. */
    private static final double SOFT = 1.5;

    /** A frame in its own pixels. */
    static Seen asItIs(int width, int height) {
        return new Seen(1, 1, width, height);
    }

    boolean isAsItIs() {
        return x == 1 && y == 1;
    }

    Box of(Box box) {
        return isAsItIs() ? box : box.scale(x, y);
    }

    /** The pixels that a piece can touch. */
    Area reached(Piece piece) {
        Box reach = of(piece.reach());
        if (!isAsItIs() && !reach.isEmpty()) {
            reach = new Box(reach.left() - SOFT, reach.top() - SOFT, reach.right() + SOFT, reach.bottom() + SOFT);
        }
        return Area.of(reach, width, height);
    }
}
