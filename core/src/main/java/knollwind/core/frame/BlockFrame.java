package knollwind.core.frame;

import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;

/**
 * A block at one time.
 *
 * @param bounds box in the frame around the units that are seen, by their advances; empty when none is
 */
public record BlockFrame(DisplayList list, Box bounds) {
    static final BlockFrame NOTHING = new BlockFrame(DisplayList.EMPTY, Box.EMPTY);
}
