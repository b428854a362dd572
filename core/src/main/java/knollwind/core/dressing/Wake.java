package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;

/** Copies of where and what it was, behind it. */
final class Wake extends DressKind {
    private static final Word.Amount COPIES = Word.Amount.count("copies", "copies", 6, 0, 60);
    private static final Word.Amount EVERY = Word.Amount.frames("every", "apart", 2, 1, 48);
    /** Of the youngest copy. */
    private static final Word.Amount FIRST = Word.Amount.share("first", "fading from", 0.5);
    /** Of the oldest one. */
    private static final Word.Amount LAST = Word.Amount.share("last", "fading to", 0.05);

    private static final Word.Amount SOFT = Word.Amount.px("soft", "blurred to", 0, 0, 100);
    /** Of the oldest copy. */
    private static final Word.Amount SIZE = Word.Amount.share("size", "grown to", 1, 0, 4);

    private static final String PAST = "behind it";
    private static final Word.Pick WAY = new Word.Pick("way", "running", List.of(PAST, "ahead of it"));
    private static final String COLOURED = "in one colour";
    private static final String LINED = "outlined";
    private static final Word.Pick INK = new Word.Pick("ink", "its copies", List.of("as they were", COLOURED, LINED));
    private static final Word.Tint COLOUR = new Word.Tint("colour", "their colour", "#f0b64a");
    private static final Phrase PHRASE = Phrase.of("a wake of", COPIES, "copies", EVERY, "apart")
            .then("fading from", FIRST, "to", LAST)
            .maybe("blurred to", SOFT)
            .maybe("growing to", SIZE)
            .maybe("running", WAY)
            .maybe("its copies", INK)
            .maybe("their colour", COLOUR);

    /** Of the type size: lines of copies that are outlined. */
    private static final double LINE = 0.02;

    Wake() {
        super("wake", "a wake", PHRASE);
    }

    @Override
    public double back(Worn worn) {
        return worn.pick(WAY).equals(PAST) ? worn.get(COPIES) * worn.get(EVERY) : 0;
    }

    @Override
    public double ahead(Worn worn) {
        return worn.pick(WAY).equals(PAST) ? 0 : worn.get(COPIES) * worn.get(EVERY);
    }

    @Override
    public double copies(Worn worn) {
        return 1 + worn.get(COPIES);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        int copies = (int) worn.get(COPIES);
        double every = worn.get(EVERY);
        double first = worn.get(FIRST);
        double last = worn.get(LAST);
        double soft = worn.get(SOFT) * wearer.px();
        double size = worn.get(SIZE);
        int side = worn.pick(WAY).equals(PAST) ? 1 : -1;
        DisplayList now = wearer.now();
        DisplayList.Builder out = new DisplayList.Builder();
        for (int k = copies; k > 0; k--) {
            double share = copies == 1 ? 0 : (k - 1.0) / (copies - 1);
            double opacity = first + (last - first) * share;
            DisplayList copy = wearer.ago(side * k * every);
            // Where nothing has moved it would lie under the words unseen, or make them heavier.
            if (opacity <= 0 || copy.paints().isEmpty() || copy.equals(now)) {
                continue;
            }
            float blur = (float) (soft * share);
            out.add(new PaintOp.Layer((float) opacity, blur, blur));
            sized(out, copy.ink(), 1 + (size - 1) * (k / (double) copies));
            out.all(inked(wearer, worn, copy));
            out.restore();
        }
        return out.all(now.paints()).build();
    }

    /** About the middle of what it is. */
    private static void sized(DisplayList.Builder out, Box ink, double size) {
        if (size != 1) {
            double x = (ink.left() + ink.right()) / 2;
            double y = (ink.top() + ink.bottom()) / 2;
            out.concat(Matrix.translate(x, y).times(Matrix.scale(size, size)).times(Matrix.translate(-x, -y)));
        }
    }

    private static List<PaintOp> inked(Wearer wearer, Worn worn, DisplayList copy) {
        return switch (worn.pick(INK)) {
            case COLOURED -> Silhouettes.of(copy, worn.colour(COLOUR), 0);
            case LINED -> Silhouettes.lines(copy, worn.colour(COLOUR), LINE * wearer.em());
            default -> copy.paints();
        };
    }
}
