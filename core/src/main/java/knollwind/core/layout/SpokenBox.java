package knollwind.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.motion.TimedText;
import knollwind.core.scene.Pivot;
import knollwind.core.type.Unit;

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

    /**
     * The words of a block, each until it has been said.
     *
     * @param home the block's box at rest, px of the base frame
     * @param times when its words are said
     * @param kind which box of a word is meant
     * @param all the box of all words that the plate lies behind, px of the base frame
     */
    static List<SpokenBox> of(Rests.Laid laid, Box home, List<TimedText> times, Pivot.Box kind, Box all) {
        Box own = laid.set().box();
        double x = home.left() - own.left() - all.left();
        double y = home.top() - own.top() - all.top();
        List<SpokenBox> boxes = new ArrayList<>();
        for (Unit word : laid.set().words()) {
            Box box = kind == Pivot.Box.INK ? word.ink() : word.advance();
            times.stream()
                    .filter(time -> time.to() > word.from() && time.from() < word.to())
                    .findFirst()
                    .ifPresent(time -> boxes.add(
                            new SpokenBox(laid.rests().of(word).map(box).shift(x, y), time.start(), time.end())));
        }
        return boxes;
    }

    /** In the order in which they are said, each until the next one is. */
    static List<SpokenBox> inTurn(List<SpokenBox> boxes) {
        List<SpokenBox> turns = new ArrayList<>(boxes);
        turns.sort(Comparator.comparingDouble(SpokenBox::from));
        for (int i = 0; i + 1 < turns.size(); i++) {
            SpokenBox one = turns.get(i);
            turns.set(i, new SpokenBox(one.box(), one.from(), turns.get(i + 1).from()));
        }
        return List.copyOf(turns);
    }
}
