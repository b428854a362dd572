package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;
import knollwind.core.simulation.Births;
import knollwind.core.simulation.Heads;
import knollwind.core.simulation.SparkRule;
import knollwind.core.simulation.Sparks;
import knollwind.core.simulation.Trace;

/** Sparks that run along the outlines of its letters and fly off; the letters may fade in behind them. */
final class SparkTrail extends DressKind {
    private static final Word.Amount OVER = Word.Amount.frames("over", "over", 60, 1, 2400);
    private static final Word.Amount RATE = Word.Amount.count("rate", "a second", 240, 0, 4000);
    private static final Word.Amount LIFE = Word.Amount.frames("life", "living", 30, 1, 480);
    private static final Word.Amount SIZE = Word.Amount.px("size", "size", 4, 0, 60);
    static final Word.Tint HOT = new Word.Tint("hot", "at first", "#fff3d6");
    static final Word.Tint COLD = new Word.Tint("cold", "in the end", "#f0b64a");
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
    static final String DOTS = "dots";
    static final String STREAKS = "streaks";
    static final String STARS = "stars";
    static final String LETTERS = "letters";
    static final Word.Pick LOOK = new Word.Pick("look", "drawn as", List.of(DOTS, STREAKS, STARS, LETTERS));
    private static final Word.Other OTHER = new Word.Other("each like");
    static final String SHRINKING = "shrinking";
    static final String STAYING = "staying";
    static final String GROWING = "growing";
    static final String SWELLING = "swelling and shrinking";
    /** Size over life. */
    static final Word.Pick SIZES = new Word.Pick("sizes", "their size", List.of(SHRINKING, STAYING, GROWING, SWELLING));

    static final String FADING = "fading";
    static final String FLARING = "flaring up and fading";
    /** Opacity over life. */
    static final Word.Pick LIGHTS = new Word.Pick("lights", "their light", List.of(FADING, STAYING, FLARING));

    private static final Word.Amount NEAR = Word.Amount.em("near", "lighting what is within", 0, 0, 20);
    private static final Word.Amount BRIGHT = Word.Amount.share("bright", "how bright", 0.6);
    private static final String OUTLINES = "their outlines";
    private static final Map<String, SparkBirths.Deed> DEEDS = Map.of(
            "all over them", SparkBirths.Deed.STAND,
            "where they move", SparkBirths.Deed.MOVE,
            "where they land", SparkBirths.Deed.LAND,
            "where they set out", SparkBirths.Deed.SET_OUT,
            "the edge that uncovers them", SparkBirths.Deed.UNCOVER);
    private static final Word.Pick FROM = new Word.Pick(
            "from",
            "from",
            Stream.concat(Stream.of(OUTLINES), DEEDS.keySet().stream().sorted()).toList());
    private static final Word.Amount GLOW = Word.Amount.px("glow", "glowing by", 10, 0, 100);
    private static final String KEPT = "seen all the time";
    private static final Word.Pick WORDS =
            new Word.Pick("words", "its letters", List.of(KEPT, "fading in behind them"));
    static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Phrase PHRASE = Phrase.of("traced by sparks", "over", OVER)
            .then("born", RATE, "a second")
            .then("living", LIFE)
            .then("of", SIZE)
            .then("cooling from", HOT, "to", COLD)
            .maybe("from", FROM)
            .maybe("running", ORDER)
            .maybe("with", HEADS, "heads")
            .maybe("spreading by", SPREAD, "a second")
            .maybe("falling by", GRAVITY, "a second each second")
            .maybe("blown by", WIND, "a second towards", ANGLE)
            .maybe("slowed by", DRAG, "a second")
            .maybe("swirling by", SWIRL)
            .maybe("drawn as", LOOK)
            .maybe("each like", OTHER)
            .maybe("their size", SIZES)
            .maybe("their light", LIGHTS)
            .maybe("lighting what is within", NEAR, "at", BRIGHT)
            .maybe("glowing by", GLOW)
            .maybe("its letters", WORDS)
            .maybe("dealt by", SEED);

    /** That live at the same time: of more than so many fewer are born. */
    static final int MOST = 6000;

    /** The same where each is a whole letter. */
    private static final int MOST_LETTERS = 800;

    /** The same where each is a whole block. */
    private static final int MOST_BLOCKS = 300;

    /** Type sizes from one eddy to the next. */
    private static final double EDDY = 1.1;

    /** Seconds in which a letter fades in behind. */
    private static final double FADES = 0.6;

    /** Frames of {@value #FADES} s in the quickest scenes. */
    private static final double FADES_FRAMES = 72;

    /** Of the type size: how far the light of a head reaches. */
    private static final double HEAD = 0.16;

    /** Of the light on letters: what falls on the ground behind them. */
    private static final double GROUND = 0.45;

    /** Lights that words and ground are lit by at most: each is a pass over all letters near it. */
    private static final int MOST_LIGHTS = 12;

    private static final float[] LAMP_STOPS = {0, 0.12f, 0.45f, 1};
    private static final float[] FALLOFF_STOPS = {0, 0.25f, 0.6f, 1};
    private static final Outline UNIT = Outline.rectangle(new Box(-1, -1, 1, 1));

    SparkTrail() {
        super("sparks", "sparks", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return since < worn.get(OVER) + Math.max(worn.get(LIFE), FADES_FRAMES);
    }

    /** What letters have done is looked up for as long as sparks live. */
    @Override
    public double back(Worn worn) {
        return worn.pick(FROM).equals(OUTLINES) ? 0 : worn.get(LIFE) + SparkBirths.back();
    }

    @Override
    public String note() {
        return "Sparks of what letters do need letters that do it: they land, move or set out by more than a third of a px a frame,"
                + " and are uncovered by a sharp edge. Order and heads are of outlines alone."
                + " What is like another block is drawn as nothing else.";
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        DisplayList now = wearer.now();
        List<Lettering.Letter> letters = Lettering.of(wearer.whole());
        if (letters.isEmpty()) {
            return now;
        }
        SparkRule rule = rule(wearer, worn, wearer.beside().isPresent());
        double time = wearer.age() / wearer.perSecond();
        Births births = births(wearer, worn, rule, letters);
        List<Point> heads = births.heads(time);
        DisplayList.Builder out = new DisplayList.Builder();
        double near = worn.get(NEAR) * wearer.em();
        boolean lit = near > 0 && worn.get(BRIGHT) > 0 && !heads.isEmpty();
        if (lit) {
            ground(out, heads, near, worn);
        }
        if (worn.pick(WORDS).equals(KEPT)) {
            out.all(now.paints());
        } else {
            out.all(fading(now, births, time));
        }
        if (lit) {
            lit(out, now, heads, near, worn);
        }
        double glow = worn.get(GLOW) * wearer.px();
        SparkDrawing drawing = new SparkDrawing(
                worn,
                worn.get(SIZE) * wearer.px(),
                glow,
                letters,
                wearer.beside().orElse(DisplayList.EMPTY));
        new Sparks(rule, births).at(time, drawing);
        if (!drawing.isEmpty() || !heads.isEmpty()) {
            out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, 0, 0));
            drawing.paint(out);
            births.lamps(time)
                    .forEach(head -> light(out, head, HEAD * wearer.em() + glow, LAMP_STOPS, 1, worn.colour(HOT)));
            out.restore();
        }
        return out.build();
    }

    private static Births births(Wearer wearer, Worn worn, SparkRule rule, List<Lettering.Letter> letters) {
        if (!worn.pick(FROM).equals(OUTLINES)) {
            return new SparkBirths(wearer, letters, DEEDS.get(worn.pick(FROM)), rule.seed(), rule.rate(), rule.over());
        }
        List<Trace> traces = letters.stream()
                .map(letter -> Trace.of(letter.outline(), letter.matrix()))
                .toList();
        boolean together = !worn.pick(ORDER).equals(EACH);
        return new Heads(traces, rule.over(), rule.rate(), (int) worn.get(HEADS), together);
    }

    /** Light on what lies behind. */
    private static void ground(DisplayList.Builder out, List<Point> heads, double near, Worn worn) {
        out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, (float) (worn.get(BRIGHT) * GROUND), 0, 0));
        heads.stream()
                .limit(MOST_LIGHTS)
                .forEach(head -> light(out, head, near, FALLOFF_STOPS, 0.4, worn.colour(COLD)));
        out.restore();
    }

    /** Light on the letters that are near. */
    private static void lit(DisplayList.Builder out, DisplayList now, List<Point> heads, double near, Worn worn) {
        out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, (float) worn.get(BRIGHT), 0, 0));
        List<Lettering.Letter> letters = Lettering.of(now);
        for (Point head : heads.subList(0, Math.min(MOST_LIGHTS, heads.size()))) {
            Box reach = new Box(head.x() - near, head.y() - near, head.x() + near, head.y() + near);
            for (Lettering.Letter letter : letters) {
                Matrix back = letter.matrix().back().orElse(null);
                Box ink = letter.matrix().map(letter.outline().ink());
                if (back == null || ink.inside(reach).isEmpty()) {
                    continue;
                }
                Point own = back.map(new double[] {head.x(), head.y()});
                double scale = Math.sqrt(Math.abs(back.a() * back.d() - back.b() * back.c()));
                out.save();
                letter.clips().forEach(clip -> clipped(out, clip));
                out.concat(letter.matrix());
                Ink light = new Ink.Radial(
                        (float) own.x(),
                        (float) own.y(),
                        (float) (near * scale),
                        FALLOFF_STOPS,
                        stops(worn.colour(HOT), 1));
                out.add(new PaintOp.Fill(letter.outline(), light, 1));
                out.restore();
            }
        }
        out.restore();
    }

    private static void clipped(DisplayList.Builder out, Lettering.Placed clip) {
        out.concat(clip.matrix());
        out.add(new PaintOp.Clip(clip.outline()));
        clip.matrix().back().ifPresent(out::concat);
    }

    private static void light(
            DisplayList.Builder out, Point at, double radius, float[] stops, double strength, int colour) {
        out.save();
        out.concat(Matrix.flat(radius, 0, 0, radius, at.x(), at.y()));
        out.add(new PaintOp.Fill(UNIT, new Ink.Radial(0, 0, 1, stops, stops(colour, strength)), 1));
        out.restore();
    }

    private static int[] stops(int colour, double strength) {
        int rgb = colour & 0xffffff;
        int[] alphas = {0xff, 0x70, 0x20, 0};
        int[] stops = new int[alphas.length];
        for (int i = 0; i < stops.length; i++) {
            stops[i] = (int) Math.round(alphas[i] * strength) << 24 | rgb;
        }
        return stops;
    }

    /** @param alike whether each is like another block */
    private static SparkRule rule(Wearer wearer, Worn worn, boolean alike) {
        double life = worn.get(LIFE) / wearer.perSecond();
        double radians = StrictMath.toRadians(worn.get(ANGLE));
        double wind = worn.get(WIND) * wearer.em();
        int most = alike ? MOST_BLOCKS : worn.pick(LOOK).equals(LETTERS) ? MOST_LETTERS : MOST;
        return new SparkRule(
                Math.min(worn.get(RATE), most / life),
                worn.get(OVER) / wearer.perSecond(),
                life,
                worn.get(SPREAD) * wearer.px(),
                worn.get(GRAVITY) * wearer.em(),
                wind * StrictMath.cos(radians),
                wind * StrictMath.sin(radians),
                -StrictMath.log(1 - worn.get(DRAG)),
                worn.get(SWIRL) * wearer.px(),
                EDDY * wearer.em(),
                (int) worn.get(SEED));
    }

    /** Each letter once sparks have been at it. */
    private static List<PaintOp> fading(DisplayList list, Births births, double time) {
        List<PaintOp> fading = new ArrayList<>();
        int[] letter = {0};
        Walk.over(list, (paint, matrix) -> {
            if (paint instanceof PaintOp.Fill fill
                    && matrix.isFlat()
                    && !fill.outline().isEmpty()) {
                double part = Math.max(0, Math.min(1, (time - births.traced(letter[0]++)) / FADES));
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
