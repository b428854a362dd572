package knollwind.core.dressing;

import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;

/** Seen only where another block of the scene lets it: inside its shape, as far as it is bright, or on a way over its brightness. */
final class Matte extends DressKind {
    private static final String SHAPE = "shape";
    private static final String BRIGHTNESS = "brightness";
    private static final Word.Pick BY = new Word.Pick("by", "by its", List.of(SHAPE, BRIGHTNESS, "wipe"));
    private static final Word.Other OTHER = new Word.Other("of");
    private static final String INSIDE = "inside it";
    private static final Word.Pick KEPT = new Word.Pick("kept", "kept", List.of(INSIDE, "outside it"));
    private static final Word.Amount SOFT = Word.Amount.px("soft", "softened by", 0, 0, 200);
    private static final Word.Amount WAY = Word.Amount.share("way", "on its way at", 0.5);
    private static final Word.Amount EDGE = Word.Amount.share("edge", "edge", 0.2, 0.01, 1);
    private static final Phrase PHRASE = Phrase.of("matted by the", BY, "of", OTHER)
            .maybe("kept", KEPT)
            .maybe("softened by", SOFT)
            .maybe("on its way at", WAY)
            .maybe("with an edge of", EDGE);

    Matte() {
        super("matte", "a matte", PHRASE);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        DisplayList now = wearer.now();
        Optional<DisplayList> other = wearer.beside();
        if (other.isEmpty() || now.paints().isEmpty()) {
            return now;
        }
        String by = worn.pick(BY);
        float soft = (float) (worn.get(SOFT) * wearer.px());
        double edge = worn.get(EDGE);
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer(1, 0, 0));
        out.all(now.paints());
        out.add(worn.pick(KEPT).equals(INSIDE) ? new PaintOp.Mask() : new PaintOp.Cut());
        if (soft > 0) {
            out.add(new PaintOp.Layer(1, soft, soft));
        }
        if (by.equals(SHAPE)) {
            out.all(other.get().paints());
        } else {
            // On its way, what is dark comes first; at 0 nothing of it is there yet, at 100 % all is.
            out.add(
                    by.equals(BRIGHTNESS)
                            ? new PaintOp.Bright(1, 0)
                            : new PaintOp.Bright((float) (-1 / edge), (float) (worn.get(WAY) * (1 + edge) / edge)));
            out.all(other.get().paints());
            out.restore();
        }
        if (soft > 0) {
            out.restore();
        }
        out.restore();
        out.restore();
        return out.build();
    }
}
