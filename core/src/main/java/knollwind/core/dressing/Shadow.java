package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;

/** A soft copy in one colour that falls behind it. */
final class Shadow extends DressKind {
    /** Standard deviation of its Gaussian. */
    private static final Word.Amount SOFT = Word.Amount.px("soft", "softness", 10, 0, 200);

    private static final Word.Amount AWAY = Word.Amount.px("away", "distance", 8, 0, 1000);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 90);
    private static final Word.Amount GROWN = Word.Amount.px("grown", "spread", 0, 0, 100);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.6);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#000000");
    private static final Phrase PHRASE = Phrase.of("a shadow of", SOFT)
            .then("in", COLOUR)
            .then("at", STRENGTH)
            .maybe("falling", AWAY, "towards", ANGLE)
            .maybe("spread by", GROWN);

    Shadow() {
        super("shadow", "a shadow", PHRASE);
    }

    /** px of softness that are one px of what it is made of, at least. */
    private static final double COARSE = 4;

    @Override
    public List<Grip> grips(Worn worn) {
        return List.of(new Grip.Way(AWAY, ANGLE));
    }

    @Override
    public boolean canStand() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList shape = wearer.shape();
        if (strength == 0 || shape.paints().isEmpty()) {
            return wearer.now();
        }
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        double away = worn.get(AWAY) * wearer.px();
        float soft = (float) (worn.get(SOFT) * wearer.px());
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer((float) strength, soft, soft, Glow.coarse(soft / COARSE)));
        out.concat(Matrix.translate(away * StrictMath.cos(radians), away * StrictMath.sin(radians)));
        out.all(Silhouettes.of(shape, worn.colour(COLOUR), worn.get(GROWN) * wearer.px()));
        out.restore();
        return out.all(wearer.now().paints()).build();
    }
}
