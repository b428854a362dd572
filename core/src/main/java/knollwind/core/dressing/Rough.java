package knollwind.core.dressing;

import java.util.OptionalDouble;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Point;

/** Its edges are worn, as printed on coarse paper; dealt anew every few frames they tremble. */
final class Rough extends DressKind {
    private static final Word.Amount AMOUNT = Word.Amount.px("amount", "amount", 4, 0, 60);
    private static final Word.Amount SIZE = Word.Amount.px("size", "grain", 9, 2, 400);
    private static final Word.Amount EVERY = Word.Amount.frames("every", "dealt anew every", 0, 0, 48);
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    /** Of the type size: an amount at which letters are hard to read. */
    private static final double HARD = 0.06;

    private static final Phrase PHRASE = Phrase.of("roughened by", AMOUNT)
            .then("in a grain of", SIZE)
            .maybe("dealt anew every", EVERY)
            .maybe("dealt by", SEED);

    Rough() {
        super("rough", "rough edges", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(AMOUNT) > 0 && worn.get(EVERY) > 0;
    }

    /** By how much of a stem is worn away. */
    @Override
    OptionalDouble strain(Worn worn, double em) {
        return OptionalDouble.of(worn.get(AMOUNT) / (HARD * em));
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT) * wearer.px();
        if (amount == 0) {
            return wearer.now();
        }
        double grain = worn.get(SIZE) * wearer.px();
        double every = worn.get(EVERY);
        int seed = (int) worn.get(SEED);
        // Of the frame's number, not of a moment inside it.
        double deal = every == 0 ? 0 : 7.3 * Deals.at(wearer, (int) Math.max(1, Math.rint(every)));
        Noise across = new Noise(2 * seed);
        Noise down = new Noise(2 * seed + 1);
        return Warp.of(
                wearer,
                (x, y) -> new Point(
                        x + amount * across.at(x / grain, y / grain, deal),
                        y + amount * down.at(x / grain, y / grain, deal)));
    }
}
