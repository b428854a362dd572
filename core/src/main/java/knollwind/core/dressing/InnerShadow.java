package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/** The shadow that its edge throws into it, as if it were cut out. */
final class InnerShadow extends DressKind {
    private static final Word.Amount SOFT = Word.Amount.px("soft", "softness", 6, 0, 200);
    private static final Word.Amount AWAY = Word.Amount.px("away", "distance", 6, 0, 400);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 90);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.6);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#000000");
    private static final Phrase PHRASE = Phrase.of("an inner shadow of", SOFT)
            .then("in", COLOUR)
            .then("at", STRENGTH)
            .maybe("falling", AWAY, "towards", ANGLE);

    InnerShadow() {
        super("innerShadow", "an inner shadow", PHRASE);
    }

    @Override
    public List<Grip> grips(Worn worn) {
        return List.of(new Grip.Way(AWAY, ANGLE));
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        if (strength == 0 || now.paints().isEmpty()) {
            return now;
        }
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        double away = worn.get(AWAY) * wearer.px();
        float soft = (float) (worn.get(SOFT) * wearer.px());
        DisplayList.Builder out = new DisplayList.Builder().all(now.paints());
        out.add(new PaintOp.Layer((float) strength, 0, 0));
        out.add(new PaintOp.Fill(Outline.rectangle(Room.of(wearer, now)), Silhouettes.plain(worn.colour(COLOUR)), 1));
        out.add(new PaintOp.Cut());
        out.add(new PaintOp.Layer(1, soft, soft));
        out.concat(Matrix.translate(away * StrictMath.cos(radians), away * StrictMath.sin(radians)));
        out.all(Silhouettes.of(now, 0, 0));
        out.restore();
        out.restore();
        out.add(new PaintOp.Mask());
        out.all(now.paints());
        out.restore();
        out.restore();
        return out.build();
    }
}
