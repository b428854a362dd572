package knollwind.core.scene;

import java.util.List;

/**
 * How the letters of one kind in a family are written, drawn over by hand: strokes in the order of writing, each as points
 * x, y, x, y, … in shares of the letter's ink box, so that they hold at any size and weight.
 *
 * @param family of the faces it is meant for
 * @param character one grapheme cluster
 * @param strokes 1 to 60 with 2 to 400 points each, -1 to 2
 */
public record WrittenLetter(String id, String family, String character, List<List<Double>> strokes) {
    /** More than the letters with most strokes take, and too few to slow a page down. */
    private static final int MOST_STROKES = 60;

    /** Of one stroke: a point every other px of one drawn across a screen. */
    private static final int MOST_POINTS = 400;

    public WrittenLetter {
        Check.id(id, "a written letter");
        Check.text(family, 100, "the family of a written letter");
        Check.text(character, 40, "the character of a written letter");
        strokes = Check.list(strokes).stream().map(Check::list).toList();
        if (character.isEmpty() || strokes.isEmpty() || strokes.size() > MOST_STROKES) {
            throw new IllegalArgumentException(
                    "a written letter needs a character and 1 to " + MOST_STROKES + " strokes");
        }
        for (List<Double> stroke : strokes) {
            if (stroke.size() < 4 || stroke.size() > 2 * MOST_POINTS || stroke.size() % 2 != 0) {
                throw new IllegalArgumentException("a stroke of a written letter needs 2 to " + MOST_POINTS
                        + " points, each an x and a y; this one has " + stroke.size() + " numbers");
            }
            stroke.forEach(value -> Check.range(Check.present(value, "a point"), -1, 2, "a point of a stroke"));
        }
    }
}
