package knollwind.core.dressing;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;

/** It swells around a point, or is drawn in there. */
final class Bulge extends DressKind {
    private static final Word.Amount AMOUNT = Word.Amount.share("amount", "amount", 0.4, -0.9, 2);
    private static final Word.Amount RADIUS = Word.Amount.em("radius", "radius", 1.5, 0.1, 40);
    private static final Word.Amount ACROSS = Word.Amount.share("across", "across it", 0.5, -1, 2);
    private static final Word.Amount DOWN = Word.Amount.share("down", "down it", 0.5, -1, 2);
    /** An amount at which letters are hard to read. */
    private static final double HARD = 0.8;

    private static final Phrase PHRASE =
            Phrase.of("bulging by", AMOUNT).then("within", RADIUS).then("around", ACROSS, "across and", DOWN, "down");

    Bulge() {
        super("bulge", "a bulge", PHRASE);
    }

    @Override
    public List<Grip> grips(Worn worn) {
        return List.of(new Grip.Spot(ACROSS, DOWN));
    }

    /** As far as its middle is larger or smaller. */
    @Override
    OptionalDouble strain(Worn worn, double em) {
        return OptionalDouble.of(Math.abs(worn.get(AMOUNT)) / HARD);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT);
        Box box = wearer.box();
        if (amount == 0 || box.isEmpty()) {
            return wearer.now();
        }
        double radius = worn.get(RADIUS) * wearer.em();
        double cx = box.left() + box.width() * worn.get(ACROSS);
        double cy = box.top() + box.height() * worn.get(DOWN);
        return Warp.of(wearer, (x, y) -> {
            double away = Math.hypot(x - cx, y - cy) / radius;
            if (away >= 1) {
                return new Point(x, y);
            }
            // Most in the middle, and nothing at the edge, where it goes over smoothly.
            double left = 1 - away * away;
            double by = 1 + amount * left * left;
            return new Point(cx + (x - cx) * by, cy + (y - cy) * by);
        });
    }
}
