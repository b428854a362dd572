package knollwind.core.directions.controls;

import java.util.List;

/**
 * A part of a sentence that can be changed.
 *
 * @param name what it is about: unit, change, edge, order, pace, easing …
 * @param note one line in words that says what results; may be empty
 */
public record Part(String name, List<Control> controls, String note) {
    Part numbersOnly() {
        return new Part(
                name,
                controls.stream()
                        .filter(control -> control instanceof Control.Number)
                        .toList(),
                note);
    }
}
