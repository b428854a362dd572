package knollwind.core.dressing;

import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/** Cut into level slices of which some are thrown aside, others each few frames. */
final class Slices extends DressKind {
    private static final Word.Amount COUNT = Word.Amount.count("count", "slices", 8, 2, 40);
    private static final Word.Amount AMOUNT = Word.Amount.px("amount", "thrown by", 30, 0, 800);
    /** How many of them at a time. */
    private static final Word.Amount STRUCK = Word.Amount.share("struck", "of them", 0.5);

    private static final Word.Amount EVERY = Word.Amount.frames("every", "dealt anew every", 3, 0, 48);
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Phrase PHRASE = Phrase.of("cut into", COUNT, "slices")
            .then("thrown aside by", AMOUNT)
            .then("dealt anew every", EVERY)
            .maybe("of which", STRUCK, "are struck")
            .maybe("dealt by", SEED);

    Slices() {
        super("slices", "slices", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(AMOUNT) > 0 && worn.get(EVERY) > 0;
    }

    @Override
    public double copies(Worn worn) {
        return worn.get(COUNT);
    }

    @Override
    public String note() {
        return Deals.NOTE;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT) * wearer.px();
        DisplayList now = wearer.now();
        Box box = wearer.box();
        if (amount == 0 || now.paints().isEmpty() || box.isEmpty()) {
            return now;
        }
        return thrown(
                wearer,
                now,
                new Throw(
                        (int) worn.get(COUNT),
                        amount,
                        worn.get(STRUCK),
                        new Noise((int) worn.get(SEED)),
                        Deals.now(wearer, worn.get(EVERY))));
    }

    /**
     * How slices are thrown.
     *
     * @param by px to one side at most
     * @param struck of them, 0 to 1
     * @param deal its number
     */
    record Throw(int count, double by, double struck, Noise noise, int deal) {}

    static DisplayList thrown(Wearer wearer, DisplayList now, Throw way) {
        int count = way.count();
        Box box = wearer.box();
        Box room = Room.of(wearer, now);
        double high = box.height() / count;
        DisplayList.Builder out = new DisplayList.Builder();
        for (int i = 0; i < count; i++) {
            double thrown = 2 * way.noise().dealt(i, way.deal()) - 1;
            boolean hit = way.noise().dealt(i + 1000, way.deal()) < way.struck();
            // The outermost reach as far as anything is painted.
            double top = i == 0 ? Math.min(room.top(), box.top()) : box.top() + i * high;
            double bottom = i == count - 1 ? Math.max(room.bottom(), box.bottom()) : box.top() + (i + 1) * high;
            out.save();
            out.concat(Matrix.translate(hit ? way.by() * thrown : 0, 0));
            out.add(new PaintOp.Clip(Outline.rectangle(new Box(room.left(), top, room.right(), bottom))));
            out.all(now.paints());
            out.restore();
        }
        return out.build();
    }
}
