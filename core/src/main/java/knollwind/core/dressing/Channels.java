package knollwind.core.dressing;

import knollwind.core.display.DisplayList;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;

/** Its red, green and blue apart from each other, added up where they meet. */
final class Channels extends DressKind {
    private static final Word.Amount AMOUNT = Word.Amount.px("amount", "apart", 6, 0, 400);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 0);
    private static final int[] CHANNELS = {0xff0000, 0x00ff00, 0x0000ff};
    private static final Phrase PHRASE =
            Phrase.of("split into its channels by", AMOUNT).maybe("towards", ANGLE);

    Channels() {
        super("channels", "split channels", PHRASE);
    }

    @Override
    public double copies(Worn worn) {
        return 3;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT) * wearer.px();
        DisplayList now = wearer.now();
        if (amount == 0 || now.paints().isEmpty()) {
            return now;
        }
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        return split(now, amount * StrictMath.cos(radians), amount * StrictMath.sin(radians));
    }

    /** @param dx px from one channel to the next */
    static DisplayList split(DisplayList now, double dx, double dy) {
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer(1, 0, 0));
        for (int i = -1; i <= 1; i++) {
            int channel = CHANNELS[i + 1];
            out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, 0, 0));
            out.concat(Matrix.translate(i * dx, i * dy));
            out.all(Silhouettes.coloured(now, argb -> argb & (0xff000000 | channel)));
            out.restore();
        }
        out.restore();
        return out.build();
    }
}
