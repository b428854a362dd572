package knollwind.core.dressing;

import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Outline;

/** A colour over the whole frame of which it is cut out: what lies behind is seen through it alone. */
final class Window extends DressKind {
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 1);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#0b1a26");
    private static final Phrase PHRASE = Phrase.of("a window in", COLOUR).maybe("at", STRENGTH);

    /** px beyond the frame: its soft edges are not seen. */
    private static final double BEYOND = 4;

    Window() {
        super("window", "a window", PHRASE);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        if (strength == 0) {
            return now;
        }
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer((float) strength, 0, 0));
        out.add(new PaintOp.Fill(
                Outline.rectangle(wearer.scene().grown(BEYOND)), Silhouettes.plain(worn.colour(COLOUR)), 1));
        out.add(new PaintOp.Cut());
        out.all(now.paints());
        out.restore();
        out.restore();
        if (strength < 1) {
            out.add(new PaintOp.Layer((float) (1 - strength), 0, 0));
            out.all(now.paints());
            out.restore();
        }
        return out.build();
    }
}
