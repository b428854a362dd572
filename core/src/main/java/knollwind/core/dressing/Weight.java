package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.simulation.Fall;
import knollwind.core.simulation.Falls;
import knollwind.core.simulation.Solid;

/** Its letters, words or lines as bodies that fall, strike each other and lie; they may gather where they are set. */
final class Weight extends DressKind {
    private static final Word.Amount AFTER = Word.Amount.frames("after", "let go after", 0, 0, 4800);
    private static final String AT_FIRST = "after it comes on";
    private static final Word.Pick COUNTED =
            new Word.Pick("counted", "counted", List.of(AT_FIRST, "before it is gone"));
    private static final Word.Amount GATHER = Word.Amount.frames("gather", "gathering from", 60, 0, 4800);
    private static final Word.Amount OVER = Word.Amount.frames("over", "gathering over", 0, 0, 480);
    private static final Word.Amount SMALL = Word.Amount.share("small", "sized from", 1, 0.1, 4);
    private static final Word.Amount LARGE = Word.Amount.share("large", "sized to", 1, 0.1, 4);
    private static final String UNSEEN = "unseen";
    private static final Word.Pick PLATES = new Word.Pick("plates", "their plates", List.of(UNSEEN, "seen"));
    private static final Word.Tint ONE = new Word.Tint("one", "first plates", "#f0b64a");
    private static final Word.Tint TWO = new Word.Tint("two", "second plates", "#28506a");
    private static final Word.Tint THREE = new Word.Tint("three", "third plates", "#f4ead2");
    private static final Phrase PHRASE = Phrase.of("the weight of", Bodies.BY, Bodies.FROM)
            .then("one every", Bodies.EVERY)
            .then("pulled by", Bodies.GRAVITY, "a second each second")
            .then("bouncing by", Bodies.BOUNCE)
            .maybe("pulled towards", Bodies.ANGLE)
            .maybe("kept", Bodies.WALLS)
            .maybe("kept away from edges by", Bodies.INSET)
            .maybe("falling on", Bodies.OTHER)
            .maybe("as solid as", Bodies.FORM)
            .maybe("padded by", Bodies.PAD)
            .maybe("their plates", PLATES)
            .maybe("plates in", ONE, "and", TWO, "and", THREE)
            .maybe("sized from", SMALL, "to", LARGE)
            .maybe("rubbing by", Bodies.FRICTION)
            .maybe("slowed by", Bodies.DRAG, "a second")
            .maybe("blown by", Bodies.WIND, "a second towards", Bodies.WIND_ANGLE)
            .maybe("in gusts of", Bodies.GUSTS)
            .maybe("thrown by", Bodies.THROW, "a second")
            .maybe("turned by up to", Bodies.TURN)
            .maybe("pushed", Bodies.PUSHES)
            .maybe("a push of", Bodies.PUSH, "a second")
            .maybe("let go", AFTER, COUNTED)
            .maybe("gathering from", GATHER, "over", OVER)
            .maybe("dealt by", Bodies.SEED);

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
        return "Up to " + Fall.MOST + " bodies fall; what is more stays where it is set.";
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double since = since(wearer, worn);
        double over = worn.get(OVER);
        double gathered = over == 0 ? 0 : Math.max(0, Math.min(1, (since - worn.get(GATHER)) / over));
        List<Wearer> units = wearer.units(Bodies.kind(worn));
        if (gathered == 1 || units.isEmpty() || since < 0 && Bodies.isFromSetting(worn)) {
            return wearer.now();
        }
        Bodies bodies = new Bodies(wearer, worn, units, body -> size(worn, body), since);
        Fall fall = Falls.of(bodies.setup());
        double time = gathered > 0 ? worn.get(GATHER) : Math.max(0, since);
        DisplayList.Builder out = new DisplayList.Builder();
        for (int i = 0; i < units.size(); i++) {
            if (i >= bodies.count()) {
                out.all(units.get(i).now().paints());
            } else if (since >= bodies.born(i)) {
                Fall.Pose pose = bodies.inBlock(fall.at(i, time));
                out.save();
                double home = eased(own(gathered, i, bodies.count()));
                out.concat(placed(bodies.home(i), pose, size(worn, i), home));
                plate(out, bodies, worn, i, 1 - home);
                out.all(units.get(i).now().paints());
                out.restore();
            }
        }
        return out.build();
    }

    /** Frames since all are let go, which never come before the block. */
    private static double since(Wearer wearer, Worn worn) {
        double after = worn.get(AFTER);
        return worn.pick(COUNTED).equals(AT_FIRST)
                ? wearer.age() - after
                : wearer.age() - Math.max(0, wearer.age() + wearer.left() - after);
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

    private static double size(Worn worn, int body) {
        return worn.get(SMALL) + (worn.get(LARGE) - worn.get(SMALL)) * Bodies.dealt(worn, 3, body);
    }

    /** @param gathered 0 where it lies, 1 where it is set */
    private static Matrix placed(Bodies.Home home, Fall.Pose pose, double size, double gathered) {
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
        Bodies.Home home = bodies.home(body);
        Box box = new Box(
                home.x() - home.width() / 2,
                home.y() - home.height() / 2,
                home.x() + home.width() / 2,
                home.y() + home.height() / 2);
        Word.Tint tint = List.of(ONE, TWO, THREE).get((int) (3 * Bodies.dealt(worn, 4, body)));
        out.add(new PaintOp.Fill(shape(box, home.form()), Silhouettes.plain(worn.colour(tint)), (float) opacity));
    }

    private static Outline shape(Box box, Solid.Form form) {
        return switch (form) {
            case CIRCLE -> Outlines.ellipse(box);
            case CAPSULE -> Outlines.rounded(box, Math.min(box.width(), box.height()) / 2);
            default -> Outline.rectangle(box);
        };
    }
}
