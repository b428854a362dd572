package knollwind.core.dressing;

import java.util.OptionalDouble;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;

/** Its letters move like cloth in the wind: pushed about by smooth noise that drifts over them. */
final class Cloth extends DressKind {
    private static final Word.Amount AMOUNT = Word.Amount.px("amount", "amount", 20, 0, 400);
    private static final Word.Amount SIZE = Word.Amount.em("size", "folds", 1.2, 0.05, 20);
    private static final Word.Amount SPEED = Word.Amount.em("speed", "speed a second", 0.8, 0, 20);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 0);
    private static final Word.Amount LAYERS = Word.Amount.count("layers", "detail", 1, 1, 4);
    private static final Word.Amount CONTRAST = Word.Amount.share("contrast", "contrast", 1, 0.2, 5);
    private static final Word.Amount CALM = Word.Amount.em("calm", "calm edges", 0, 0, 20);
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Phrase PHRASE = Phrase.of("moved like cloth by", AMOUNT)
            .then("in folds of", SIZE)
            .then("drifting", SPEED, "a second")
            .maybe("towards", ANGLE)
            .maybe("in a detail of", LAYERS)
            .maybe("in a contrast of", CONTRAST)
            .maybe("calm within", CALM, "of its edges")
            .maybe("dealt by", SEED);

    Cloth() {
        super("cloth", "cloth", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(AMOUNT) > 0 && worn.get(SPEED) > 0;
    }

    /** Smooth noise rises by twice its amount over a fold, at most. */
    @Override
    OptionalDouble strain(Worn worn, double em) {
        return OptionalDouble.of(2 * worn.get(AMOUNT) * worn.get(LAYERS) * worn.get(CONTRAST) / (worn.get(SIZE) * em));
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double amount = worn.get(AMOUNT) * wearer.px();
        if (amount == 0) {
            return wearer.now();
        }
        double fold = worn.get(SIZE) * wearer.em();
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        double drift = worn.get(SPEED) * wearer.seconds();
        double dx = drift * StrictMath.cos(radians) / worn.get(SIZE);
        double dy = drift * StrictMath.sin(radians) / worn.get(SIZE);
        int layers = (int) worn.get(LAYERS);
        Noise across = new Noise(2 * (int) worn.get(SEED));
        Noise down = new Noise(2 * (int) worn.get(SEED) + 1);
        double contrast = worn.get(CONTRAST);
        double calm = worn.get(CALM) * wearer.em();
        Box box = wearer.box();
        return Warp.of(wearer, (x, y) -> {
            double u = x / fold - dx;
            double v = y / fold - dy;
            double by = amount * within(box, calm, x, y);
            return new Point(
                    x + by * sharpened(layered(across, u, v, drift, layers), contrast),
                    y + by * sharpened(layered(down, u, v, drift, layers), contrast));
        });
    }

    /** Nothing and all stay what they are; what lies between is nearer to all the higher the contrast, and 1 leaves it alone. */
    private static double sharpened(double noise, double contrast) {
        return contrast * noise / (1 + (contrast - 1) * Math.min(1, Math.abs(noise)));
    }

    /** 0 at the edges of the block and outside it, 1 as far inside as is said; smooth in between. */
    private static double within(Box box, double calm, double x, double y) {
        if (calm == 0) {
            return 1;
        }
        double inside = Math.min(Math.min(x - box.left(), box.right() - x), Math.min(y - box.top(), box.bottom() - y));
        double part = Math.max(0, Math.min(1, inside / calm));
        return part * part * (3 - 2 * part);
    }

    /** Each further layer is twice as fine and half as strong. */
    private static double layered(Noise noise, double u, double v, double drift, int layers) {
        double sum = 0;
        double strength = 1;
        double finer = 1;
        for (int i = 0; i < layers; i++) {
            sum += strength * noise.at(u * finer, v * finer, drift * 0.4 + 17 * i);
            strength /= 2;
            finer *= 2;
        }
        return sum;
    }
}
