package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/**
 * Letters made of lit glass: hot in their middle, with light around them that is added to what lies behind, and a faint one further out
 * that spills over it. They may stutter when they are switched on. Letters that are out are dark glass.
 */
final class SignLight extends DressKind {
    private static final Word.Amount NEAR = Word.Amount.px("near", "near", 5, 0, 100);
    private static final Word.Amount FAR = Word.Amount.px("far", "far", 28, 0, 300);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.8);
    private static final Word.Amount SPILL = Word.Amount.px("spill", "spilling over", 0, 0, 400);
    private static final Word.Amount SPILT = Word.Amount.share("spilt", "strength of what spills", 0.25);
    private static final Word.Amount OVER = Word.Amount.frames("over", "stuttering on over", 0, 0, 480);
    private static final String EACH = "letter by letter";
    private static final Word.Pick TOGETHER = new Word.Pick("together", "which", List.of(EACH, "all at once"));
    private static final Word.Amount FLICKER = Word.Amount.share("flicker", "flickering", 0);
    private static final Word.Amount FAILING = Word.Amount.share("failing", "failing", 0);
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#f0b64a");
    private static final Phrase PHRASE = Phrase.of("lit as a sign")
            .then("in", COLOUR)
            .then("with light of", NEAR, "to", FAR)
            .then("at", STRENGTH)
            .maybe("spilling over", SPILL, "at", SPILT)
            .maybe("stuttering on over", OVER, TOGETHER)
            .maybe("flickering in", FLICKER, "of them")
            .maybe("failing in", FAILING, "of them")
            .maybe("dealt by", SEED);

    /** Of a letter's colour: dark glass. */
    private static final double DARK = 0.2;

    /** Of the type size: from the edge of a letter to where it is hot. */
    private static final double RIM = 0.018;

    /** Of the way from its colour to white: the middle of a letter. */
    private static final double HOT = 0.8;

    /** Of the strength of the light near by: that further away. */
    private static final double FURTHER = 0.6;

    SignLight() {
        super("sign", "a sign's light", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return since < worn.get(OVER) || worn.get(FLICKER) > 0 || worn.get(FAILING) > 0;
    }

    @Override
    public double copies(Worn worn) {
        return 3;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        if (strength == 0 || now.paints().isEmpty()) {
            return now;
        }
        int colour = worn.colour(COLOUR);
        boolean[] lit = lit(wearer, worn);
        DisplayList.Builder out = new DisplayList.Builder();
        DisplayList on = now;
        PaintOp clip = null;
        if (count(lit) < lit.length) {
            out.all(Silhouettes.of(now, Silhouettes.between(0, colour, DARK), 0));
            if (count(lit) == 0) {
                return out.build();
            }
            // Where each letter is painted once, those that are out are left out; otherwise what stands where they
            // rest.
            if (fills(now) == lit.length) {
                on = only(now, lit);
            } else {
                clip = new PaintOp.Clip(cells(lit, wearer));
            }
        }
        List<PaintOp> glass = Silhouettes.of(on, colour, 0);
        double spill = worn.get(SPILL);
        double near = worn.get(NEAR) * wearer.px();
        double far = worn.get(FAR) * wearer.px();
        out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, 0, 0, Glow.coarse(near)));
        if (spill > 0) {
            light(out, strength * worn.get(SPILT), spill * wearer.px(), glass, clip);
        }
        if (far > 0) {
            light(out, strength * FURTHER, far, glass, clip);
        }
        if (near > 0) {
            light(out, strength, near, glass, clip);
        }
        out.restore();
        out.save();
        if (clip != null) {
            out.add(clip);
        }
        tube(out, wearer, on, colour);
        out.restore();
        return out.build();
    }

    private static void light(
            DisplayList.Builder out, double strength, double soft, List<PaintOp> glass, PaintOp clip) {
        out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, (float) strength, (float) soft, (float) soft));
        if (clip != null) {
            out.add(clip);
        }
        out.all(glass);
        out.restore();
    }

    /** Nearly white in its middle, in its colour along its edge. */
    private static void tube(DisplayList.Builder out, Wearer wearer, DisplayList now, int colour) {
        double rim = RIM * wearer.em();
        int hot = Silhouettes.between(colour, 0xffffff, HOT);
        out.all(Silhouettes.of(now, hot, 0));
        out.all(Silhouettes.lines(now, Silhouettes.between(hot, colour, 0.5), 2 * rim));
        out.all(Silhouettes.lines(now, colour, rim));
    }

    private static boolean[] lit(Wearer wearer, Worn worn) {
        Stutter stutter = new Stutter(
                (int) worn.get(SEED),
                wearer.perSecond(),
                worn.get(OVER),
                worn.get(FLICKER),
                worn.get(FAILING),
                !worn.pick(TOGETHER).equals(EACH));
        boolean[] lit = new boolean[wearer.letters().size()];
        for (int i = 0; i < lit.length; i++) {
            lit[i] = stutter.isLit(i, wearer.since(), wearer.leaves());
        }
        return lit;
    }

    private static int count(boolean[] lit) {
        int count = 0;
        for (boolean one : lit) {
            count += one ? 1 : 0;
        }
        return count;
    }

    private static long fills(DisplayList list) {
        return list.paints().stream().filter(PaintOp.Fill.class::isInstance).count();
    }

    /** Letters are painted in their order. */
    private static DisplayList only(DisplayList list, boolean[] lit) {
        List<PaintOp> kept = new ArrayList<>();
        int letter = 0;
        for (PaintOp paint : list.paints()) {
            if (!(paint instanceof PaintOp.Fill) || lit[letter++]) {
                kept.add(paint);
            }
        }
        return new DisplayList(kept);
    }

    private static Outline cells(boolean[] lit, Wearer wearer) {
        double around = RIM * wearer.em();
        List<Box> cells = new ArrayList<>();
        for (int i = 0; i < lit.length; i++) {
            if (lit[i]) {
                cells.add(wearer.letters().get(i).grown(around));
            }
        }
        return Boxes.outline(cells);
    }
}
