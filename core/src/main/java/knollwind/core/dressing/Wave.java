package knollwind.core.dressing;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Point;

/** A wave that runs along its lines and lifts its letters. */
final class Wave extends DressKind {
    private static final Word.Amount AMOUNT = Word.Amount.px("amount", "amount", 12, 0, 400);
    private static final Word.Amount LENGTH = Word.Amount.em("length", "length", 3, 0.1, 60);
    private static final Word.Amount SPEED = Word.Amount.em("speed", "speed a second", 2, -40, 40);
    private static final String ACROSS = "from side to side";
    private static final Word.Pick WAY = new Word.Pick("way", "which way", List.of("up and down", ACROSS));
    private static final Phrase PHRASE =
            Phrase.of("waving", WAY, "by", AMOUNT).then("every", LENGTH).then("running", SPEED, "a second");

    Wave() {
        super("wave", "a wave", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(AMOUNT) > 0 && worn.get(SPEED) != 0;
    }

    /** The steepest slope of a sine. */
    @Override
    OptionalDouble strain(Worn worn, double em) {
        return OptionalDouble.of(2 * Math.PI * worn.get(AMOUNT) / (worn.get(LENGTH) * em));
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT) * wearer.px();
        if (amount == 0) {
            return wearer.now();
        }
        double length = worn.get(LENGTH) * wearer.em();
        double run = worn.get(SPEED) * wearer.em() * wearer.seconds();
        boolean across = worn.pick(WAY).equals(ACROSS);
        return Warp.of(wearer, (x, y) -> {
            double by = amount * StrictMath.sin(2 * Math.PI * ((across ? y : x) - run) / length);
            return across ? new Point(x + by, y) : new Point(x, y + by);
        });
    }
}
