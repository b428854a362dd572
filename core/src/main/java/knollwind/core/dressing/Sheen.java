package knollwind.core.dressing;

import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** A band of light over it; changing its place over time lets it pass. */
final class Sheen extends DressKind {
    private static final Word.Amount WIDTH = Word.Amount.em("width", "width", 1, 0.05, 40);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 20);
    private static final Word.Amount PLACE = Word.Amount.share("place", "place", 0.5);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.8);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#ffffff");
    private static final Phrase PHRASE = Phrase.of("a sheen of", WIDTH)
            .then("in", COLOUR)
            .then("at", STRENGTH)
            .then("on its way at", PLACE)
            .maybe("towards", ANGLE);

    Sheen() {
        super("sheen", "a sheen", PHRASE);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        Box box = wearer.box();
        if (strength == 0 || now.paints().isEmpty() || box.isEmpty()) {
            return now;
        }
        double half = worn.get(WIDTH) * wearer.em() / 2;
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        double dx = StrictMath.cos(radians);
        double dy = StrictMath.sin(radians);
        double cx = (box.left() + box.right()) / 2;
        double cy = (box.top() + box.bottom()) / 2;
        // At 0 it has not come yet, at 100 % it is gone.
        double far = (Math.abs(dx) * box.width() + Math.abs(dy) * box.height()) / 2 + half;
        double at = (2 * worn.get(PLACE) - 1) * far;
        double x = cx + at * dx;
        double y = cy + at * dy;
        int colour = worn.colour(COLOUR) & 0xffffff;
        DisplayList.Builder out = new DisplayList.Builder().all(now.paints());
        out.add(new PaintOp.Layer((float) strength, 0, 0));
        out.add(new PaintOp.Fill(
                Outline.rectangle(Room.of(wearer, now)),
                new Ink.Gradient(
                        (float) (x - half * dx),
                        (float) (y - half * dy),
                        (float) (x + half * dx),
                        (float) (y + half * dy),
                        new float[] {0, 0.5f, 1},
                        new int[] {colour, 0xff000000 | colour, colour}),
                1));
        out.add(new PaintOp.Mask());
        out.all(now.paints());
        out.restore();
        out.restore();
        return out.build();
    }
}
