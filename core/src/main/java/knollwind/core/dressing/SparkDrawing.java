package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.simulation.Sparks;

/** Sparks that live, by age: as they are drawn, and wider and blurred for the light around them. */
final class SparkDrawing implements Sparks.Told {
    /** Ages that are told apart by colour and brightness. */
    private static final int AGES = 10;

    /** Sides of a dot, and of one that is blurred. */
    private static final int SIDES = 8;

    private static final int SOFT_SIDES = 6;

    /** Seconds of its way that a streak is long. */
    private static final double STREAK = 0.05;

    /** A star reaches so many times as far as a dot. */
    private static final double STAR = 2.2;

    /** A letter is so many times as high as a dot is wide. */
    private static final double LETTER = 4;

    /** Turns of a letter in its life at most, either way. */
    private static final double TURNS = 0.5;

    /** Share of its life in which a spark flares up, or is born at its full size. */
    private static final double UP = 0.2;

    /** Share of its life at which what stays ends. */
    private static final double LAST = 0.85;

    /** Of its own light: what lies around it. */
    private static final float HALO = 0.45f;

    /** Of the glow: by how much wider what is blurred is, and how soft. */
    private static final double WIDER = 0.5;

    private static final double SOFT = 0.6;

    /** What is dealt to a spark beside what its flight needs. */
    private static final int WHICH = 21;

    private static final int TURN = 22;

    private final List<Marks> thin = new ArrayList<>();
    private final List<Marks> wide = new ArrayList<>();
    private final List<List<PaintOp>> whole = new ArrayList<>();
    private final Worn worn;
    private final String look;
    private final String sizes;
    private final double size;
    private final double glow;
    private final List<Lettering.Letter> letters;
    private final DisplayList alike;
    private boolean empty = true;

    /**
     * @param size px across
     * @param glow px
     * @param letters that they may be drawn as
     * @param alike what each of them is; empty where they are drawn
     */
    SparkDrawing(Worn worn, double size, double glow, List<Lettering.Letter> letters, DisplayList alike) {
        this.worn = worn;
        this.look = worn.pick(SparkTrail.LOOK);
        this.sizes = worn.pick(SparkTrail.SIZES);
        this.size = size / 2;
        this.glow = glow;
        this.letters = letters;
        this.alike = alike;
        for (int i = 0; i < AGES; i++) {
            thin.add(new Marks(SIDES));
            wide.add(new Marks(SOFT_SIDES));
            whole.add(new ArrayList<>());
        }
    }

    boolean isEmpty() {
        return empty;
    }

    @Override
    public void spark(int number, double x, double y, double lived, double share, double vx, double vy) {
        double large = size * share * grown(lived);
        if (large <= 0) {
            return;
        }
        empty = false;
        int age = (int) Math.min(AGES - 1.0, lived * AGES);
        if (alike.paints().isEmpty()) {
            switch (look) {
                case SparkTrail.STREAKS -> thin.get(age).streak(x, y, x - vx * STREAK, y - vy * STREAK, large);
                case SparkTrail.STARS -> thin.get(age).star(x, y, STAR * large);
                case SparkTrail.LETTERS -> letter(age, number, x, y, lived, LETTER * large);
                default -> thin.get(age).dot(x, y, large);
            }
        } else {
            copy(age, number, x, y, lived, LETTER * large);
        }
        if (glow > 0) {
            wide.get(age).dot(x, y, large + glow * WIDER);
        }
    }

    /** Of its size. */
    private double grown(double lived) {
        return switch (sizes) {
            case SparkTrail.STAYING -> 1;
            case SparkTrail.GROWING -> UP + (1 - UP) * Math.sqrt(lived);
            case SparkTrail.SWELLING -> 4 * lived * (1 - lived);
            default -> 1 - lived * lived * lived;
        };
    }

    /** Of its light. */
    private double bright(double lived) {
        return switch (worn.pick(SparkTrail.LIGHTS)) {
            case SparkTrail.STAYING -> Math.min(1, (1 - lived) / (1 - LAST));
            case SparkTrail.FLARING -> lived < UP ? lived / UP : 1 - (lived - UP) / (1 - UP);
            default -> 1 - lived * lived;
        };
    }

    private void copy(int age, int number, double x, double y, double lived, double high) {
        DisplayList.Builder out = new DisplayList.Builder();
        out.save();
        out.concat(placed(alike.ink(), number, x, y, lived, high));
        out.add(new PaintOp.Layer((float) bright(middle(age)), 0, 0));
        out.all(alike.paints());
        out.restore();
        out.restore();
        whole.get(age).addAll(out.build().paints());
    }

    /** Turned more and more about its middle, as large as is said. */
    private Matrix placed(Box ink, int number, double x, double y, double lived, double high) {
        double scale = high / Math.max(1e-6, Math.max(ink.width(), ink.height()));
        double turned = 360 * TURNS * (2 * Sparks.dealt(seed(), number, TURN) - 1) * lived;
        return Matrix.translate(x, y)
                .times(Matrix.rotate(turned))
                .times(Matrix.scale(scale, scale))
                .times(Matrix.translate(-(ink.left() + ink.right()) / 2, -(ink.top() + ink.bottom()) / 2));
    }

    private int seed() {
        return (int) worn.get(SparkTrail.SEED);
    }

    private void letter(int age, int number, double x, double y, double lived, double high) {
        Lettering.Letter letter = letters.get((int) (Sparks.dealt(seed(), number, WHICH) * letters.size()));
        DisplayList.Builder out = new DisplayList.Builder();
        out.save();
        out.concat(placed(letter.outline().ink(), number, x, y, lived, high));
        out.add(new PaintOp.Fill(letter.outline(), Silhouettes.plain(colour(age)), (float) bright(middle(age))));
        out.restore();
        whole.get(age).addAll(out.build().paints());
    }

    private static double middle(int age) {
        return (age + 0.5) / AGES;
    }

    private int colour(int age) {
        return Silhouettes.between(worn.colour(SparkTrail.HOT), worn.colour(SparkTrail.COLD), middle(age));
    }

    /** All of them, in a layer that adds light. */
    void paint(DisplayList.Builder out) {
        if (glow > 0 && !empty) {
            float soft = (float) (glow * SOFT);
            out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, soft, soft));
            fills(out, wide, HALO);
            out.restore();
        }
        fills(out, thin, 1);
        whole.forEach(out::all);
    }

    private void fills(DisplayList.Builder out, List<Marks> ages, float strength) {
        for (int i = 0; i < AGES; i++) {
            int colour = colour(i);
            float opacity = (float) (strength * bright(middle(i)));
            ages.get(i)
                    .outline()
                    .ifPresent(marks -> out.add(new PaintOp.Fill(marks, Silhouettes.plain(colour), opacity)));
        }
    }
}
