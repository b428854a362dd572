package knollwind.core.dressing;

import java.util.OptionalDouble;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;

/** It is bent like a strip around a circle, its foot as long as before. */
final class Bend extends DressKind {
    /** Of the arc that it takes up; below 0 it hangs. */
    private static final Word.Amount AMOUNT =
            new Word.Amount("amount", "arc", Word.Unit.DEGREES, 60, -330, 330, 5, false);

    private static final Phrase PHRASE = Phrase.of("bent over", AMOUNT);

    Bend() {
        super("bend", "a bend", PHRASE);
    }

    /** Beyond half a circle letters stand on their heads. */
    @Override
    OptionalDouble strain(Worn worn, double em) {
        return OptionalDouble.of(Math.abs(worn.get(AMOUNT)) / 180);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double angle = StrictMath.toRadians(worn.get(AMOUNT));
        Box box = wearer.box();
        if (Math.abs(angle) < 1e-4 || box.isEmpty()) {
            return wearer.now();
        }
        double radius = box.width() / angle;
        double cx = (box.left() + box.right()) / 2;
        double foot = box.bottom();
        return Warp.of(wearer, (x, y) -> {
            double turned = (x - cx) / radius;
            double away = radius - (y - foot);
            return new Point(cx + away * StrictMath.sin(turned), foot + radius - away * StrictMath.cos(turned));
        });
    }
}
