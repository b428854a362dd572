package knollwind.core.dressing;

import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;

/** Copies of where and what it was, behind it. */
final class Wake extends DressKind {
    private static final Word.Amount COPIES = Word.Amount.count("copies", "copies", 6, 0, 60);
    private static final Word.Amount EVERY = Word.Amount.frames("every", "apart", 2, 1, 48);
    /** Of the youngest copy. */
    private static final Word.Amount FIRST = Word.Amount.share("first", "fading from", 0.5);
    /** Of the oldest one. */
    private static final Word.Amount LAST = Word.Amount.share("last", "fading to", 0.05);

    private static final Word.Amount SOFT = Word.Amount.px("soft", "blurred to", 0, 0, 100);
    private static final Phrase PHRASE = Phrase.of("a wake of", COPIES, "copies", EVERY, "apart")
            .then("fading from", FIRST, "to", LAST)
            .maybe("blurred to", SOFT);

    Wake() {
        super("wake", "a wake", PHRASE);
    }

    @Override
    public double back(Worn worn) {
        return worn.get(COPIES) * worn.get(EVERY);
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
        DisplayList now = wearer.now();
        DisplayList.Builder out = new DisplayList.Builder();
        for (int k = copies; k > 0; k--) {
            double share = copies == 1 ? 0 : (k - 1.0) / (copies - 1);
            double opacity = first + (last - first) * share;
            DisplayList copy = wearer.ago(k * every);
            // Where nothing has moved it would lie under the words unseen, or make them heavier.
            if (opacity <= 0 || copy.paints().isEmpty() || copy.equals(now)) {
                continue;
            }
            float blur = (float) (soft * share);
            out.add(new PaintOp.Layer((float) opacity, blur, blur));
            out.all(copy.paints());
            out.restore();
        }
        return out.all(now.paints()).build();
    }
}
