package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/** Marks of a print or of a tool on its ink, worked out from a number. */
final class Texture extends DressKind {
    private static final String DOTS = "print dots";
    private static final String HATCHING = "hatching";
    private static final String BRUSHED = "brushed lines";
    private static final Word.Pick MARKS =
            new Word.Pick("marks", "marks", List.of(DOTS, HATCHING, BRUSHED, "paper grain"));
    private static final Word.Amount SIZE = Word.Amount.px("size", "size", 8, 2, 200);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.6);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "towards", 30);
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#0b1a26");
    private static final Phrase PHRASE = Phrase.of("textured by", MARKS, "of", SIZE)
            .then("in", COLOUR)
            .then("at", STRENGTH)
            .maybe("towards", ANGLE)
            .maybe("dealt by", SEED);

    /** Of one ground: finer ones are made coarser. */
    private static final double MOST_MARKS = 9000;

    /** Of its radius: how far the handles of a quarter of a circle reach. */
    private static final double ROUND = 0.5522847498;

    Texture() {
        super("texture", "a texture", PHRASE);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        Box box = wearer.box();
        if (strength == 0 || now.paints().isEmpty() || box.isEmpty()) {
            return now;
        }
        DisplayList.Builder out = new DisplayList.Builder().all(now.paints());
        out.add(new PaintOp.Layer((float) strength, 0, 0));
        out.add(new PaintOp.Fill(
                new Ground(box.grown(wearer.em() / 2), worn, wearer.px()).marks(),
                Silhouettes.plain(worn.colour(COLOUR)),
                1));
        out.add(new PaintOp.Mask());
        out.all(Silhouettes.of(now, 0, 0));
        out.restore();
        out.restore();
        return out.build();
    }

    /** What marks are laid on, in rows towards an angle about its middle. */
    private static final class Ground {
        private final Box box;
        private final String kind;
        private final Noise noise;
        private final double size;
        private final double cos;
        private final double sin;
        private final List<Byte> verbs = new ArrayList<>();
        private final List<Float> points = new ArrayList<>();

        Ground(Box box, Worn worn, double px) {
            this.box = box;
            this.kind = worn.pick(MARKS);
            this.noise = new Noise((int) worn.get(SEED));
            double across = StrictMath.hypot(box.width(), box.height());
            this.size = Math.max(worn.get(SIZE) * px, across / Math.sqrt(MOST_MARKS));
            double radians = StrictMath.toRadians(worn.get(ANGLE));
            this.cos = StrictMath.cos(radians);
            this.sin = StrictMath.sin(radians);
        }

        Outline marks() {
            double half = StrictMath.hypot(box.width(), box.height()) / 2;
            int rows = (int) Math.ceil(half / size);
            for (int row = -rows; row <= rows; row++) {
                if (kind.equals(HATCHING)) {
                    bar(-half, half, row * size, 0.18 * size);
                } else if (kind.equals(BRUSHED)) {
                    brushed(row, half);
                } else {
                    for (int column = -rows; column <= rows; column++) {
                        spot(row, column);
                    }
                }
            }
            byte[] all = new byte[verbs.size()];
            float[] flat = new float[points.size()];
            for (int i = 0; i < all.length; i++) {
                all[i] = verbs.get(i);
            }
            for (int i = 0; i < flat.length; i++) {
                flat[i] = points.get(i);
            }
            return Outline.of(all, flat, box);
        }

        /** Strokes of a hard brush, each as long as is dealt. */
        private void brushed(int row, double half) {
            double x = -half - 20 * size * noise.dealt(row, 0);
            for (int i = 1; x < half; i += 2) {
                double length = size * (3 + 22 * noise.dealt(row, i));
                double y = row * size + size * 0.5 * (noise.dealt(row, i + 1) - 0.5);
                bar(x, x + length, y, size * (0.05 + 0.16 * noise.dealt(row, -i)));
                x += length + size * (1 + 9 * noise.dealt(row, -i - 1));
            }
        }

        private void spot(int row, int column) {
            if (kind.equals(DOTS)) {
                dot(column * size + (row % 2 == 0 ? 0 : size / 2), row * size, 0.34 * size);
            } else if (noise.dealt(row, 3 * column) < 0.45) {
                double x = (column + noise.dealt(row, 3 * column + 1)) * size;
                double y = (row + noise.dealt(row, 3 * column + 2)) * size;
                dot(x, y, size * (0.08 + 0.26 * noise.dealt(row + 5000, column)));
            }
        }

        private boolean isOutside(double x, double y, double reach) {
            return mapped(x, y)[0] < box.left() - reach
                    || mapped(x, y)[0] > box.right() + reach
                    || mapped(x, y)[1] < box.top() - reach
                    || mapped(x, y)[1] > box.bottom() + reach;
        }

        private double[] mapped(double x, double y) {
            return new double[] {
                (box.left() + box.right()) / 2 + x * cos - y * sin, (box.top() + box.bottom()) / 2 + x * sin + y * cos
            };
        }

        private void bar(double from, double to, double y, double half) {
            to(Outline.MOVE, from, y - half);
            to(Outline.LINE, to, y - half);
            to(Outline.LINE, to, y + half);
            to(Outline.LINE, from, y + half);
            verbs.add(Outline.CLOSE);
        }

        private void dot(double x, double y, double radius) {
            if (isOutside(x, y, radius)) {
                return;
            }
            double round = ROUND * radius;
            to(Outline.MOVE, x + radius, y);
            to(Outline.CUBIC, x + radius, y + round, x + round, y + radius, x, y + radius);
            to(Outline.CUBIC, x - round, y + radius, x - radius, y + round, x - radius, y);
            to(Outline.CUBIC, x - radius, y - round, x - round, y - radius, x, y - radius);
            to(Outline.CUBIC, x + round, y - radius, x + radius, y - round, x + radius, y);
            verbs.add(Outline.CLOSE);
        }

        private void to(byte verb, double... along) {
            verbs.add(verb);
            for (int i = 0; i < along.length; i += 2) {
                double[] at = mapped(along[i], along[i + 1]);
                points.add((float) at[0]);
                points.add((float) at[1]);
            }
        }
    }
}
