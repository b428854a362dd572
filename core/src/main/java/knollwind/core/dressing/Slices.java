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
    public boolean isMoving(Worn worn) {
        return worn.get(AMOUNT) > 0 && worn.get(EVERY) > 0;
    }

    @Override
    public double copies(Worn worn) {
        return worn.get(COUNT);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT) * wearer.px();
        DisplayList now = wearer.now();
        Box box = wearer.box();
        if (amount == 0 || now.paints().isEmpty() || box.isEmpty()) {
            return now;
        }
        int count = (int) worn.get(COUNT);
        double every = worn.get(EVERY);
        double struck = worn.get(STRUCK);
        Noise noise = new Noise((int) worn.get(SEED));
        int deal = every == 0 ? 0 : (int) Math.floor(wearer.frame() / every);
        Box room = Room.of(wearer, now);
        double high = box.height() / count;
        DisplayList.Builder out = new DisplayList.Builder();
        for (int i = 0; i < count; i++) {
            double thrown = 2 * noise.dealt(i, deal) - 1;
            boolean hit = noise.dealt(i + 1000, deal) < struck;
            // The outermost reach as far as anything is painted.
            double top = i == 0 ? Math.min(room.top(), box.top()) : box.top() + i * high;
            double bottom = i == count - 1 ? Math.max(room.bottom(), box.bottom()) : box.top() + (i + 1) * high;
            out.save();
            out.concat(Matrix.translate(hit ? amount * thrown : 0, 0));
            out.add(new PaintOp.Clip(Outline.rectangle(new Box(room.left(), top, room.right(), bottom))));
            out.all(now.paints());
            out.restore();
        }
        return out.build();
    }
}
