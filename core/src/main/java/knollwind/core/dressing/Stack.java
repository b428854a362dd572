package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Matrix;

/** Copies in one colour or from one to another, each a step further behind: type as thick as a block of wood. */
final class Stack extends DressKind {
    private static final Word.Amount COPIES = Word.Amount.count("copies", "copies", 8, 0, 60);
    private static final Word.Amount STEP = Word.Amount.px("step", "apart", 2, 0, 200);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 60);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#c8472f");
    private static final Word.Tint DEEPEST = new Word.Tint("deepest", "deepest", "#5a1f16");
    private static final Phrase PHRASE = Phrase.of("stacked", COPIES, "deep")
            .then("by", STEP, "towards", ANGLE)
            .then("in", COLOUR, "to", DEEPEST);

    Stack() {
        super("stack", "a stack", PHRASE);
    }

    @Override
    public double copies(Worn worn) {
        return 1 + worn.get(COPIES);
    }

    /** Its deepest copy. */
    @Override
    public List<Grip> grips(Worn worn) {
        int copies = (int) worn.get(COPIES);
        return copies == 0 ? List.of() : List.of(new Grip.Way(STEP, ANGLE, copies));
    }

    @Override
    public boolean canStand() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        int copies = (int) worn.get(COPIES);
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        double step = worn.get(STEP) * wearer.px();
        DisplayList shape = wearer.shape();
        DisplayList.Builder out = new DisplayList.Builder();
        for (int k = shape.paints().isEmpty() ? 0 : copies; k > 0; k--) {
            double share = copies == 1 ? 0 : (k - 1.0) / (copies - 1);
            out.save();
            out.concat(Matrix.translate(k * step * StrictMath.cos(radians), k * step * StrictMath.sin(radians)));
            out.all(Silhouettes.of(shape, Silhouettes.between(worn.colour(COLOUR), worn.colour(DEEPEST), share), 0));
            out.restore();
        }
        return out.all(wearer.now().paints()).build();
    }
}
