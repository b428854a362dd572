package knollwind.core.type;

import knollwind.core.scene.Fit;
import knollwind.core.scene.Pivot;

/**
 * A fit in px.
 *
 * @param height NaN where the kind has none
 * @param least size; NaN where the kind has none
 * @param box what is measured of the words
 */
public record Fitting(Fit.Kind kind, double width, double height, double least, Pivot.Box box) {
    boolean byInk() {
        return box == Pivot.Box.INK;
    }

    /** How wide a line is. */
    double width(SetLine line) {
        return byInk() ? line.ink().width() : line.advance();
    }

    /** How high the words are. */
    double height(SetText set) {
        return byInk() ? set.ink().height() : set.box().height();
    }
}
