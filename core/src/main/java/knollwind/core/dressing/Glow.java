package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Outline;

/**
 * Light around it: soft copies in one colour, from a near radius to a far one, added up. Each further one has less strength, as light has
 * that spreads over more.
 */
final class Glow extends DressKind {
    private static final Word.Amount NEAR = Word.Amount.px("near", "near", 6, 0, 200);
    private static final Word.Amount FAR = Word.Amount.px("far", "far", 36, 0, 300);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 0.7);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#f0b64a");
    private static final String AROUND = "around it";
    private static final Word.Pick PLACE = new Word.Pick("place", "where", List.of(AROUND, "inside it"));
    private static final String APART = "over what is behind";
    private static final Word.Pick ADDED =
            new Word.Pick("added", "its light", List.of(APART, "added to what is behind"));
    private static final Phrase PHRASE = Phrase.of("a glow of", NEAR, "to", FAR)
            .then("in", COLOUR)
            .then("at", STRENGTH)
            .maybe("lying", PLACE)
            .maybe("its light", ADDED);

    /** Of the strength: near, between, far. */
    private static final List<Double> SHARES = List.of(1.0, 0.75, 0.55);

    Glow() {
        super("glow", "a glow", PHRASE);
    }

    @Override
    public boolean canStand() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        DisplayList shape = wearer.shape();
        if (strength == 0 || shape.paints().isEmpty()) {
            return now;
        }
        double near = worn.get(NEAR) * wearer.px();
        double far = worn.get(FAR) * wearer.px();
        double[] radii = {near, Math.sqrt(Math.max(near, 0.5) * Math.max(far, 0.5)), far};
        boolean inside = !worn.pick(PLACE).equals(AROUND);
        boolean apart = inside || worn.pick(ADDED).equals(APART);
        int colour = worn.colour(COLOUR);
        List<PaintOp> silhouette = inside ? around(wearer, now, colour) : Silhouettes.of(shape, colour, 0);
        DisplayList.Builder out = new DisplayList.Builder();
        if (inside) {
            out.all(now.paints());
        }
        // A group of its own: it adds up with itself, and lies over what is behind it or is added to it.
        if (apart) {
            out.add(new PaintOp.Layer(1, 0, 0, coarse(near)));
        } else {
            out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, 0, 0, coarse(near)));
        }
        for (int i = radii.length - 1; i >= 0; i--) {
            float radius = (float) radii[i];
            out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, (float) (strength * SHARES.get(i)), radius, radius));
            out.all(silhouette);
            out.restore();
        }
        if (inside) {
            out.add(new PaintOp.Mask());
            out.all(Silhouettes.of(now, 0, 0));
            out.restore();
        }
        out.restore();
        return (inside ? out : out.all(now.paints())).build();
    }

    /** px that are one px of its light: the nearest of it is soft over two of them at least. */
    static int coarse(double near) {
        return near >= 8 ? 4 : near >= 4 ? 2 : 1;
    }

    /** All but it. */
    private static List<PaintOp> around(Wearer wearer, DisplayList now, int colour) {
        List<PaintOp> around = new ArrayList<>();
        around.add(new PaintOp.Layer(1, 0, 0));
        around.add(new PaintOp.Fill(
                Outline.rectangle(Room.of(wearer, now).grown(wearer.em())), Silhouettes.plain(colour), 1));
        around.add(new PaintOp.Cut());
        around.addAll(Silhouettes.of(now, 0, 0));
        around.add(new PaintOp.Restore());
        around.add(new PaintOp.Restore());
        return around;
    }
}
