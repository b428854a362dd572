package knollwind.core.dressing;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.Dressing;
import knollwind.core.simulation.Fall;
import knollwind.core.simulation.Falls;

/** Its letters, words or lines as bodies that fall, strike each other and lie; they may gather where they are set. */
final class Weight extends DressKind {
    private static final Word.Amount AFTER = Word.Amount.frames("after", "let go after", 0, 0, 4800);
    private static final String AT_FIRST = "after it comes on";
    private static final Word.Pick COUNTED =
            new Word.Pick("counted", "counted", List.of(AT_FIRST, "before it is gone", Dressing.ON_CUES));
    private static final Word.Amount GATHER = Word.Amount.frames("gather", "gathering from", 60, 0, 4800);
    private static final Word.Amount OVER = Word.Amount.frames("over", "gathering over", 0, 0, 480);
    private static final String UNSEEN = "unseen";
    private static final String LINED = "drawn as lines";
    private static final Word.Pick PLATES = new Word.Pick("plates", "their plates", List.of(UNSEEN, "seen", LINED));
    private static final Word.Tint ONE = new Word.Tint("one", "first plates", "#f0b64a");
    private static final Word.Tint TWO = new Word.Tint("two", "second plates", "#28506a");
    private static final Word.Tint THREE = new Word.Tint("three", "third plates", "#a4532f");
    private static final String GOING_ON = "going on";
    private static final Word.Pick THEN = new Word.Pick("then", "then", List.of(GOING_ON, "lying still"));
    private static final Phrase PHRASE = Phrase.of("the weight of", BodyWords.BY, BodyWords.FROM)
            .then("one every", BodyWords.EVERY)
            .then("pulled by", BodyWords.GRAVITY, "a second each second")
            .then("bouncing by", BodyWords.BOUNCE)
            .maybe("pulled towards", BodyWords.ANGLE)
            .maybe("in groups of", BodyWords.GROUP)
            .maybe("coming", BodyWords.TURNS)
            .maybe("across from", BodyWords.ACROSS_FROM, "to", BodyWords.ACROSS_TO, "of the picture")
            .maybe("kept", BodyWords.WALLS)
            .maybe("kept away from edges by", BodyWords.INSET)
            .maybe("falling on", BodyWords.OTHER)
            .maybe("as solid as", BodyWords.FORM)
            .maybe("padded by", BodyWords.PAD)
            .maybe("rounded by", BodyWords.ROUND)
            .maybe("their plates", PLATES)
            .maybe("plates in", ONE, "and", TWO, "and", THREE)
            .maybe("sized from", BodyWords.SMALL, "to", BodyWords.LARGE)
            .maybe("weighing", BodyWords.HEAVY)
            .maybe("hung", BodyWords.HUNG)
            .maybe(
                    "drawn by",
                    BodyWords.DRAW,
                    "a second each second to",
                    BodyWords.DRAW_X,
                    "across and",
                    BodyWords.DRAW_Y,
                    "down")
            .maybe("rubbing by", BodyWords.FRICTION)
            .maybe("slowed by", BodyWords.DRAG, "a second")
            .maybe("blown by", BodyWords.WIND, "a second towards", BodyWords.WIND_ANGLE)
            .maybe("in gusts of", BodyWords.GUSTS)
            .maybe("thrown by", BodyWords.THROW, "a second")
            .maybe("turned by up to", BodyWords.TURN)
            .maybe("pushed", BodyWords.PUSHES)
            .maybe("a push of", BodyWords.PUSH, "a second")
            .maybe("settled for", BodyWords.SETTLE)
            .maybe("then", THEN)
            .maybe("let go", AFTER, COUNTED)
            .maybe("gathering from", GATHER, "over", OVER)
            .maybe("dealt by", BodyWords.SEED);

    /** px of the base format that lines of plates are wide. */
    private static final double LINE = 2;

    /** Of the time that each takes to come home: so much later the last one sets out. */
    private static final double LATER = 0.6;

    Weight() {
        super("weight", "weight", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        boolean gathers = worn.pick(COUNTED).equals(AT_FIRST) && worn.get(OVER) > 0;
        return !gathers || since < worn.get(AFTER) + worn.get(GATHER) + worn.get(OVER);
    }

    @Override
    public String note() {
        return "Up to " + Fall.MOST
                + " bodies fall; what is more stays where it is set. Pull, wind, air, push and size are taken frame by frame where they have keys,"
                + " all else as it is when the fall begins. What is kept inside"
                + " another block needs one to fall on. Across the picture falls what comes from above anywhere. Boxes alone are rounded;"
                + " what comes from above comes through the ceiling.";
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double since = since(wearer, worn);
        double over = worn.get(OVER);
        double gathered = over == 0 ? 0 : Math.max(0, Math.min(1, (since - worn.get(GATHER)) / over));
        List<Wearer> units = wearer.units(Bodies.kind(worn));
        if (gathered == 1 || units.isEmpty() || since < 0 && BodyWords.isFromSetting(worn)) {
            return wearer.now();
        }
        double settled = worn.get(BodyWords.SETTLE);
        Bodies bodies = new Bodies(wearer, units, since + settled);
        Fall fall = Falls.of(bodies.setup(), since + settled + wearer.left());
        double gone = worn.pick(THEN).equals(GOING_ON) ? Math.max(0, since) : 0;
        double time = settled + (gathered > 0 ? Math.min(gone, worn.get(GATHER)) : gone);
        IntToDoubleFunction sizes = bodies.sizes(time);
        DisplayList.Builder out = new DisplayList.Builder();
        for (int i = 0; i < units.size(); i++) {
            if (i >= bodies.count()) {
                out.all(units.get(i).now().paints());
            } else if (since >= 0 && since + settled >= bodies.born(i)) {
                Fall.Pose pose = bodies.inBlock(fall.at(i, time));
                out.save();
                double home = eased(own(gathered, i, bodies.count()));
                out.concat(placed(bodies.shape(i), pose, sizes.applyAsDouble(i), home));
                plate(out, bodies, worn, i, 1 - home);
                out.all(units.get(i).now().paints());
                out.restore();
            }
        }
        return out.build();
    }

    /** Frames since all are let go, which never come before the block; below 0 before. */
    private static double since(Wearer wearer, Worn worn) {
        double after = worn.get(AFTER);
        return switch (worn.pick(COUNTED)) {
            case AT_FIRST -> wearer.age() - after;
            case Dressing.ON_CUES -> {
                double now = wearer.seconds() * wearer.perSecond();
                // What has been let go by one is let go anew by the next.
                yield wearer.cues().stream()
                        .map(cue -> now - cue - after)
                        .filter(gone -> gone >= 0)
                        .min(Double::compare)
                        .orElse(-1.0);
            }
            default -> wearer.age() - Math.max(0, wearer.age() + wearer.left() - after);
        };
    }

    /** One sets out after the other, and all are home at the end. */
    private static double own(double gathered, int body, int count) {
        double late = count == 1 ? 0 : LATER * body / (count - 1);
        return Math.max(0, Math.min(1, gathered * (1 + LATER) - late));
    }

    /** Softly at both ends: it comes from where it lies and lands where it is set. */
    private static double eased(double part) {
        return part * part * part * (part * (6 * part - 15) + 10);
    }

    /** @param gathered 0 where it lies, 1 where it is set */
    private static Matrix placed(BodyShape home, Fall.Pose pose, double size, double gathered) {
        double level = 2 * Math.PI * Math.rint(pose.turn() / (2 * Math.PI));
        double turn = pose.turn() + (level - pose.turn()) * gathered;
        double scale = size + (1 - size) * gathered;
        double cos = scale * StrictMath.cos(turn);
        double sin = scale * StrictMath.sin(turn);
        double x = pose.x() + (home.x() - pose.x()) * gathered;
        double y = pose.y() + (home.y() - pose.y()) * gathered;
        return Matrix.flat(cos, sin, -sin, cos, x, y).times(Matrix.translate(-home.x(), -home.y()));
    }

    private static void plate(DisplayList.Builder out, Bodies bodies, Worn worn, int body, double opacity) {
        if (worn.pick(PLATES).equals(UNSEEN) || opacity <= 0) {
            return;
        }
        Word.Tint tint = List.of(ONE, TWO, THREE).get((int) (3 * BodyWords.dealt(worn, 4, body)));
        PaintOp.Fill fill =
                new PaintOp.Fill(bodies.shape(body).plate(), Silhouettes.plain(worn.colour(tint)), (float) opacity);
        out.add(
                worn.pick(PLATES).equals(LINED)
                        ? new PaintOp.Stroke(fill, (float) bodies.inBlock(LINE), List.of(), false)
                        : fill);
    }
}
