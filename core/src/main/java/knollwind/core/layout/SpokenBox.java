package knollwind.core.layout;

import knollwind.core.geometry.Box;

/**
 * A word that a plate stands behind while it is said.
 *
 * @param box px of the plate: the words' box with the padding begins at 0, 0
 * @param from scene frame at which it is said
 * @param until scene frame at which the next one is said, or at which the last has been
 */
public record SpokenBox(Box box, double from, double until) {
    public boolean isOn(double time) {
        return time >= from && time < until;
    }
}
