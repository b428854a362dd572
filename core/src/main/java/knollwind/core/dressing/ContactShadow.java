package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;

/** The shadow of words that stand on a floor: their own shape laid flat from their feet on, softer the flatter. */
final class ContactShadow extends DressKind {
    private static final Word.Amount SOFT = Word.Amount.px("soft", "softness", 6, 0, 200);
    private static final Word.Amount FLAT = Word.Amount.share("flat", "as high as", 0.25, 0.01, 2);
    private static final Word.Amount LEAN = Word.Amount.em("lean", "leaning over", 0.3, -4, 4);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.5);
    private static final String BEHIND = "behind it";
    private static final Word.Pick SIDE = new Word.Pick("side", "falling", List.of(BEHIND, "before it"));
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#000000");
    private static final Phrase PHRASE = Phrase.of("a shadow on the floor of", SOFT)
            .then("in", COLOUR)
            .then("at", STRENGTH)
            .maybe("as high as", FLAT, "of it")
            .maybe("leaning over", LEAN)
            .maybe("falling", SIDE);

    ContactShadow() {
        super("contactShadow", "a shadow on the floor", PHRASE);
    }

    @Override
    public boolean canStand() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList shape = wearer.shape();
        Box box = wearer.box();
        if (strength == 0 || shape.paints().isEmpty() || box.isEmpty()) {
            return wearer.now();
        }
        double flat = worn.get(FLAT) * (worn.pick(SIDE).equals(BEHIND) ? 1 : -1);
        double lean = box.height() == 0 ? 0 : worn.get(LEAN) * wearer.em() / box.height();
        float soft = (float) (worn.get(SOFT) * wearer.px());
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer((float) strength, soft, soft));
        // What lies as far above the feet as it is high leans by the whole of it.
        out.concat(Matrix.translate(0, box.bottom())
                .times(Matrix.flat(1, 0, -lean, flat, 0, 0))
                .times(Matrix.translate(0, -box.bottom())));
        out.all(Silhouettes.of(NearClips.of(shape, shape.ink().grown(wearer.em())), worn.colour(COLOUR), 0));
        out.restore();
        return out.all(wearer.now().paints()).build();
    }
}
