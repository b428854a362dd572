package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;
import knollwind.core.simulation.SparkRule;
import knollwind.core.simulation.Sparks;
import knollwind.core.simulation.Trace;

/** Sparks that run along the outlines of its letters and fly off; the letters may fade in behind them. */
final class SparkTrail extends DressKind {
    private static final Word.Amount OVER = Word.Amount.frames("over", "over", 60, 1, 2400);
    private static final Word.Amount RATE = Word.Amount.count("rate", "a second", 240, 0, 4000);
    private static final Word.Amount LIFE = Word.Amount.frames("life", "living", 30, 1, 480);
    private static final Word.Amount SIZE = Word.Amount.px("size", "size", 4, 0, 60);
    private static final Word.Tint HOT = new Word.Tint("hot", "at first", "#fff3d6");
    private static final Word.Tint COLD = new Word.Tint("cold", "in the end", "#f0b64a");
    private static final String EACH = "letter by letter";
    private static final Word.Pick ORDER = new Word.Pick("order", "which", List.of(EACH, "all at once"));
    private static final Word.Amount HEADS = Word.Amount.count("heads", "heads", 1, 1, 12);
    private static final Word.Amount SPREAD = Word.Amount.px("spread", "spreading by", 90, 0, 2000);
    private static final Word.Amount GRAVITY = Word.Amount.em("gravity", "falling by", 1.5, -40, 40);
    private static final Word.Amount WIND = Word.Amount.em("wind", "wind", 0, 0, 40);
    private static final Word.Amount ANGLE = Word.Amount.angle("angle", "wind towards", 0);
    /** What is lost of its speed in a second. */
    private static final Word.Amount DRAG = Word.Amount.share("drag", "slowed by", 0.9, 0, 0.99);

    private static final Word.Amount SWIRL = Word.Amount.px("swirl", "swirling by", 0, 0, 400);
    private static final String DOTS = "dots";
    private static final Word.Pick LOOK = new Word.Pick("look", "drawn as", List.of(DOTS, "streaks"));
    private static final Word.Amount GLOW = Word.Amount.px("glow", "glowing by", 10, 0, 100);
    private static final String KEPT = "seen all the time";
    private static final Word.Pick WORDS =
            new Word.Pick("words", "its letters", List.of(KEPT, "fading in behind them"));
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Phrase PHRASE = Phrase.of("traced by sparks", "over", OVER)
            .then("born", RATE, "a second")
            .then("living", LIFE)
            .then("of", SIZE)
            .then("cooling from", HOT, "to", COLD)
            .maybe("running", ORDER)
            .maybe("with", HEADS, "heads")
            .maybe("spreading by", SPREAD, "a second")
            .maybe("falling by", GRAVITY, "a second each second")
            .maybe("blown by", WIND, "a second towards", ANGLE)
            .maybe("slowed by", DRAG, "a second")
            .maybe("swirling by", SWIRL)
            .maybe("drawn as", LOOK)
            .maybe("glowing by", GLOW)
            .maybe("its letters", WORDS)
            .maybe("dealt by", SEED);

    /** That live at the same time: of more than so many fewer are born. */
    static final int MOST = 6000;

    /** Ages that are told apart by colour and brightness. */
    private static final int AGES = 10;

    /** Sides of a dot, and of one that is blurred. */
    private static final int SIDES = 8;

    private static final int SOFT_SIDES = 6;

    /** Seconds of its way that a streak is long. */
    private static final double STREAK = 0.05;

    /** Type sizes from one eddy to the next. */
    private static final double EDDY = 1.1;

    /** Seconds in which a letter fades in behind. */
    private static final double FADES = 0.6;

    /** Frames of {@value #FADES} s in the quickest scenes. */
    private static final double FADES_FRAMES = 72;

    /** Of its own light: what lies around it. */
    private static final float HALO = 0.45f;

    /** Of the glow: by how much wider what is blurred is, and how soft. */
    private static final double WIDER = 0.5;

    private static final double SOFT = 0.6;

    /** Of the type size: how far the light of a head reaches. */
    private static final double HEAD = 0.16;

    private static final float[] LAMP_STOPS = {0, 0.12f, 0.45f, 1};
    private static final Outline UNIT = Outline.rectangle(new Box(-1, -1, 1, 1));

    SparkTrail() {
        super("sparks", "sparks", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return since < worn.get(OVER) + Math.max(worn.get(LIFE), FADES_FRAMES);
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        DisplayList now = wearer.now();
        List<Trace> traces = traces(wearer.whole());
        if (traces.isEmpty()) {
            return now;
        }
        double perSecond = wearer.perSecond();
        double time = wearer.age() / perSecond;
        Sparks sparks = new Sparks(rule(wearer, worn), traces);
        DisplayList.Builder out = new DisplayList.Builder();
        if (worn.pick(WORDS).equals(KEPT)) {
            out.all(now.paints());
        } else {
            out.all(fading(now, sparks, time));
        }
        double glow = worn.get(GLOW) * wearer.px();
        Light light = new Light(worn, worn.get(SIZE) * wearer.px() / 2, glow);
        sparks.at(time, light);
        List<Point> heads = worn.get(RATE) == 0 ? List.of() : sparks.heads(time);
        List<PaintOp> thin = light.fills(light.thin, 1);
        if (!thin.isEmpty() || !heads.isEmpty()) {
            out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, 0, 0));
            if (glow > 0) {
                float soft = (float) (glow * SOFT);
                out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, soft, soft));
                out.all(light.fills(light.wide, HALO));
                out.restore();
            }
            out.all(thin);
            heads.forEach(head -> lamp(out, head, HEAD * wearer.em() + glow, worn.colour(HOT)));
            out.restore();
        }
        return out.build();
    }

    /** The light of a head. */
    private static void lamp(DisplayList.Builder out, Point at, double radius, int colour) {
        out.save();
        out.concat(Matrix.flat(radius, 0, 0, radius, at.x(), at.y()));
        out.add(new PaintOp.Fill(UNIT, new Ink.Radial(0, 0, 1, LAMP_STOPS, lamp(colour)), 1));
        out.restore();
    }

    private static int[] lamp(int colour) {
        int rgb = colour & 0xffffff;
        return new int[] {0xff000000 | rgb, 0x70000000 | rgb, 0x20000000 | rgb, rgb};
    }

    /** What lives, by age: as it is, and wider for the light around it. */
    private static final class Light implements Sparks.Told {
        private final List<Marks> thin = new ArrayList<>();
        private final List<Marks> wide = new ArrayList<>();
        private final Worn worn;
        private final boolean dots;
        private final double size;
        private final double glow;

        Light(Worn worn, double size, double glow) {
            this.worn = worn;
            this.dots = worn.pick(LOOK).equals(DOTS);
            this.size = size;
            this.glow = glow;
            for (int i = 0; i < AGES; i++) {
                thin.add(new Marks(SIDES));
                wide.add(new Marks(SOFT_SIDES));
            }
        }

        @Override
        public void spark(double x, double y, double lived, double share, double vx, double vy) {
            double large = size * share * (1 - lived * lived * lived);
            if (large <= 0) {
                return;
            }
            int age = (int) Math.min(AGES - 1.0, lived * AGES);
            if (dots) {
                thin.get(age).dot(x, y, large);
            } else {
                thin.get(age).streak(x, y, x - vx * STREAK, y - vy * STREAK, large);
            }
            if (glow > 0) {
                wide.get(age).dot(x, y, large + glow * WIDER);
            }
        }

        private List<PaintOp> fills(List<Marks> ages, float strength) {
            List<PaintOp> fills = new ArrayList<>();
            for (int i = 0; i < AGES; i++) {
                double lived = (i + 0.5) / AGES;
                int colour = Silhouettes.between(worn.colour(HOT), worn.colour(COLD), lived);
                float opacity = (float) (strength * (1 - lived * lived));
                ages.get(i)
                        .outline()
                        .ifPresent(marks -> fills.add(new PaintOp.Fill(marks, Silhouettes.plain(colour), opacity)));
            }
            return fills;
        }
    }

    private static SparkRule rule(Wearer wearer, Worn worn) {
        double life = worn.get(LIFE) / wearer.perSecond();
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        double wind = worn.get(WIND) * wearer.em();
        return new SparkRule(
                Math.min(worn.get(RATE), MOST / life),
                worn.get(OVER) / wearer.perSecond(),
                life,
                (int) worn.get(HEADS),
                !worn.pick(ORDER).equals(EACH),
                worn.get(SPREAD) * wearer.px(),
                worn.get(GRAVITY) * wearer.em(),
                wind * StrictMath.cos(radians),
                wind * StrictMath.sin(radians),
                -StrictMath.log(1 - worn.get(DRAG)),
                worn.get(SWIRL) * wearer.px(),
                EDDY * wearer.em(),
                (int) worn.get(SEED));
    }

    /** Letters in the order in which they are painted. */
    private static List<Trace> traces(DisplayList list) {
        List<Trace> traces = new ArrayList<>();
        Walk.over(list, (paint, matrix) -> {
            if (paint instanceof PaintOp.Fill fill && matrix.isFlat()) {
                Trace trace = new Trace(fill.outline(), matrix);
                if (trace.length() > 0) {
                    traces.add(trace);
                }
            }
        });
        return traces;
    }

    /** Each letter once its outlines have been traced. */
    private static List<PaintOp> fading(DisplayList list, Sparks sparks, double time) {
        List<PaintOp> fading = new ArrayList<>();
        int[] letter = {0};
        Walk.over(list, (paint, matrix) -> {
            if (paint instanceof PaintOp.Fill fill
                    && matrix.isFlat()
                    && !fill.outline().isEmpty()) {
                double part = Math.max(0, Math.min(1, (time - sparks.traced(letter[0]++)) / FADES));
                double seen = part * part * (3 - 2 * part);
                if (seen > 0) {
                    fading.add(new PaintOp.Fill(fill.outline(), fill.ink(), (float) (fill.opacity() * seen)));
                }
            } else {
                fading.add(paint);
            }
        });
        return fading;
    }
}
