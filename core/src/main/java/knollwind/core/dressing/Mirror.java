package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Point;

/** The same the other way round beyond one of its edges, as in water or in polished stone. */
final class Mirror extends DressKind {
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.3);
    private static final Word.Amount FADE = Word.Amount.em("fade", "fading over", 0.8, 0, 20);
    private static final Word.Amount GAP = Word.Amount.px("gap", "gap", 0, -400, 1000);
    private static final Word.Amount SOFT = Word.Amount.px("soft", "softness", 0, 0, 100);
    private static final Word.Amount RIPPLE = Word.Amount.px("ripple", "rippling by", 0, 0, 200);
    private static final String BELOW = "below";
    private static final String ABOVE = "above";
    private static final String LEFT = "to the left";
    private static final String LINE = "at a line of the picture";
    private static final Word.Pick EDGE =
            new Word.Pick("edge", "where", List.of(BELOW, ABOVE, LEFT, "to the right", LINE));
    private static final Word.Amount HORIZON = Word.Amount.share("line", "its line", 0.7);
    private static final Phrase PHRASE = Phrase.of("mirrored", EDGE, "at", STRENGTH)
            .then("fading over", FADE)
            .maybe("its line", HORIZON, "down")
            .maybe("leaving a gap of", GAP)
            .maybe("blurred by", SOFT)
            .maybe("rippling by", RIPPLE);

    /** Type sizes from one crest of its ripples to the next, and that they run in a second. */
    private static final double CREST = 0.32;

    private static final double RUN = 0.35;

    /** Of the box: where its gap and its end are held. */
    private static final double QUARTER = 0.25;

    private static final double MIDDLE = 0.5;

    Mirror() {
        super("mirror", "a mirror", PHRASE);
    }

    @Override
    public List<Grip> grips(Worn worn) {
        Side side = Side.of(worn.pick(EDGE));
        List<Grip> grips = new ArrayList<>();
        if (side.atLine()) {
            grips.add(new Grip.Slide(
                    HORIZON,
                    true,
                    MIDDLE,
                    at -> at.scene().top(),
                    at -> at.scene().bottom()));
        } else {
            grips.add(new Grip.Slide(
                    GAP,
                    side.upright(),
                    QUARTER,
                    at -> side.edge(at.box()),
                    at -> side.edge(at.box()) + side.sign() * at.px()));
        }
        ToDoubleFunction<Grip.Measures> begin =
                at -> from(side, at.box(), at.scene(), worn) + side.sign() * worn.get(GAP) * at.px();
        grips.add(new Grip.Slide(
                FADE, side.upright(), MIDDLE, begin, at -> begin.applyAsDouble(at) + side.sign() * at.em()));
        return grips;
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(RIPPLE) > 0 && worn.get(STRENGTH) > 0;
    }

    @Override
    public boolean canStand() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        Box box = wearer.box();
        if (strength == 0 || wearer.shape().paints().isEmpty() || box.isEmpty()) {
            return now;
        }
        double gap = worn.get(GAP) * wearer.px();
        double fade = worn.get(FADE) * wearer.em();
        float soft = (float) (worn.get(SOFT) * wearer.px());
        Side way = Side.of(worn.pick(EDGE));
        boolean upright = way.upright();
        int side = way.sign();
        double from = from(way, box, wearer.scene(), worn);
        double axis = from + side * gap / 2;
        double begin = from + side * gap;
        Matrix turned = upright
                ? Matrix.translate(0, 2 * axis).times(Matrix.scale(1, -1))
                : Matrix.translate(2 * axis, 0).times(Matrix.scale(-1, 1));
        Box room = turned.map(Room.of(wearer, wearer.shape())).grown(4 * soft);
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer((float) strength, soft, soft));
        out.save();
        if (fade > 0) {
            // Beyond its way nothing is left of it.
            out.add(new PaintOp.Clip(Outline.rectangle(band(room, upright, begin, begin + side * fade))));
        }
        out.concat(turned);
        out.all(rippled(wearer, worn.get(RIPPLE) * wearer.px(), upright, side > 0 ? from : -from, side)
                .paints());
        out.restore();
        if (fade > 0) {
            out.add(new PaintOp.Fade(
                    new PaintOp.Fill(Outline.rectangle(room), fading(upright, begin, begin + side * fade), 1)));
        }
        out.restore();
        return out.all(now.paints()).build();
    }

    /** Where it begins without a gap; a line of the picture lies there as long as the block is not turned. */
    private static double from(Side side, Box box, Box scene, Worn worn) {
        return side.atLine() ? scene.top() + worn.get(HORIZON) * scene.height() : side.edge(box);
    }

    /**
     * Which way it lies.
     *
     * @param upright below or above, not to a side
     * @param sign 1 towards larger numbers, -1 towards smaller ones
     */
    private record Side(boolean atLine, boolean upright, int sign) {
        static Side of(String edge) {
            boolean line = edge.equals(LINE);
            boolean upright = line || edge.equals(BELOW) || edge.equals(ABOVE);
            return new Side(line, upright, edge.equals(ABOVE) || edge.equals(LEFT) ? -1 : 1);
        }

        double edge(Box box) {
            if (upright) {
                return sign > 0 ? box.bottom() : box.top();
            }
            return sign > 0 ? box.right() : box.left();
        }
    }

    /** Drawn aside the further, the further from the edge. */
    private static DisplayList rippled(Wearer wearer, double by, boolean upright, double edge, int side) {
        if (by == 0) {
            return wearer.shape();
        }
        double em = wearer.em();
        double run = RUN * em * wearer.seconds();
        return Warp.of(wearer, wearer.shape(), (x, y) -> {
            double away = Math.max(0, edge - side * (upright ? y : x));
            double grown = Math.min(1, away / em);
            double aside = by * grown * StrictMath.sin(2 * Math.PI * (away - run) / (CREST * em));
            return upright ? new Point(x + aside, y) : new Point(x, y + aside);
        });
    }

    private static Box band(Box room, boolean upright, double one, double other) {
        double from = Math.min(one, other);
        double to = Math.max(one, other);
        return upright ? new Box(room.left(), from, room.right(), to) : new Box(from, room.top(), to, room.bottom());
    }

    private static Ink fading(boolean upright, double from, double to) {
        float[] positions = {0, 1};
        int[] colours = {0xffffffff, 0x00ffffff};
        return upright
                ? new Ink.Gradient(0, (float) from, 0, (float) to, positions, colours)
                : new Ink.Gradient((float) from, 0, (float) to, 0, positions, colours);
    }
}
