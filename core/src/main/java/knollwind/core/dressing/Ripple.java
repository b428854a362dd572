package knollwind.core.dressing;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;

/** Rings that run out from a point, as from a drop in water. */
final class Ripple extends DressKind {
    private static final Word.Amount AMOUNT = Word.Amount.px("amount", "amount", 12, 0, 400);
    private static final Word.Amount LENGTH = Word.Amount.em("length", "from ring to ring", 0.8, 0.1, 40);
    private static final Word.Amount SPEED = Word.Amount.em("speed", "speed a second", 1.6, -40, 40);
    /** Over which they lose all but a third of their strength. */
    private static final Word.Amount REACH = Word.Amount.em("reach", "reach", 4, 0.2, 80);

    private static final Word.Amount ACROSS = Word.Amount.share("across", "across it", 0.5, -1, 2);
    private static final Word.Amount DOWN = Word.Amount.share("down", "down it", 0.5, -1, 2);
    private static final Phrase PHRASE = Phrase.of("rippling by", AMOUNT)
            .then("every", LENGTH)
            .then("running", SPEED, "a second")
            .maybe("around", ACROSS, "across and", DOWN, "down")
            .maybe("over", REACH);

    Ripple() {
        super("ripple", "ripples", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(AMOUNT) > 0 && worn.get(SPEED) != 0;
    }

    @Override
    public List<Grip> grips(Worn worn) {
        return List.of(new Grip.Spot(ACROSS, DOWN));
    }

    /** The steepest slope of a sine. */
    @Override
    OptionalDouble strain(Worn worn, double em) {
        return OptionalDouble.of(2 * Math.PI * worn.get(AMOUNT) / (worn.get(LENGTH) * em));
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT) * wearer.px();
        Box box = wearer.box();
        if (amount == 0 || box.isEmpty()) {
            return wearer.now();
        }
        double length = worn.get(LENGTH) * wearer.em();
        double run = worn.get(SPEED) * wearer.em() * wearer.seconds();
        double reach = worn.get(REACH) * wearer.em();
        double cx = box.left() + box.width() * worn.get(ACROSS);
        double cy = box.top() + box.height() * worn.get(DOWN);
        return Warp.of(wearer, (x, y) -> {
            double away = Math.hypot(x - cx, y - cy);
            if (away < 1e-9) {
                return new Point(x, y);
            }
            double by = amount * StrictMath.exp(-away / reach) * StrictMath.sin(2 * Math.PI * (away - run) / length);
            return new Point(x + by * (x - cx) / away, y + by * (y - cy) / away);
        });
    }
}
