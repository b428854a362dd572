package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;

/** All that it covers on a straight way, in one colour behind it. */
final class LongShadow extends DressKind {
    private static final Word.Amount LENGTH = Word.Amount.em("length", "length", 1.2, 0, 40);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 45);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 1);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#0b1a26");
    private static final Phrase PHRASE = Phrase.of("a long shadow of", LENGTH)
            .then("towards", ANGLE)
            .then("in", COLOUR)
            .maybe("at", STRENGTH);

    LongShadow() {
        super("longShadow", "a long shadow", PHRASE);
    }

    @Override
    public List<Grip> grips(Worn worn) {
        return List.of(new Grip.Way(LENGTH, ANGLE));
    }

    @Override
    public boolean canStand() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double length = worn.get(LENGTH) * wearer.em();
        double strength = worn.get(STRENGTH);
        DisplayList shape = wearer.shape();
        if (length == 0 || strength == 0 || shape.paints().isEmpty()) {
            return wearer.now();
        }
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        Sweep sweep = new Sweep(
                length * StrictMath.cos(radians),
                length * StrictMath.sin(radians),
                Silhouettes.plain(worn.colour(COLOUR)));
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer((float) strength, 0, 0));
        out.all(sweep.of(shape));
        out.restore();
        return out.all(wearer.now().paints()).build();
    }
}
