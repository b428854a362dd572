package knollwind.core.dressing;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;

/** A line around it, outside, along or inside its edge. It goes around the union of letters that touch. */
final class Lines extends DressKind {
    private static final Word.Amount WIDTH = Word.Amount.px("width", "width", 3, 0, 100);
    private static final Word.Amount GAP = Word.Amount.px("gap", "gap", 0, 0, 200);
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 1);
    private static final String OUTSIDE = "outside";
    private static final String ALONG = "along the edge";
    private static final Word.Pick PLACE = new Word.Pick("place", "where", List.of(OUTSIDE, ALONG, "inside"));
    private static final String GONE = "gone";
    private static final Word.Pick INK = new Word.Pick("ink", "its ink", List.of("kept", GONE));
    private static final Word.Amount DASH = Word.Amount.px("dash", "dashes", 0, 0, 400);
    private static final Word.Amount BETWEEN = Word.Amount.px("between", "between them", 8, 1, 400);
    private static final String ROUND = "round";
    private static final Word.Pick JOINED = new Word.Pick("joined", "corners", List.of(ROUND, "sharp"));
    private static final Word.Amount DRAWN = Word.Amount.share("drawn", "drawn", 1);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#0b1a26");
    private static final Phrase PHRASE = Phrase.of("outlined by", WIDTH, PLACE)
            .then("in", COLOUR)
            .maybe("leaving a gap of", GAP)
            .maybe("at", STRENGTH)
            .maybe("in dashes of", DASH, "and gaps of", BETWEEN)
            .maybe("its corners", JOINED)
            .maybe("drawn as far as", DRAWN)
            .maybe("with its ink", INK);

    Lines() {
        super("lines", "a line around it", PHRASE);
    }

    @Override
    public boolean canStand() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double width = worn.get(WIDTH) * wearer.px();
        double strength = worn.get(STRENGTH);
        DisplayList now = wearer.now();
        DisplayList shape = wearer.shape();
        boolean gone = worn.pick(INK).equals(GONE);
        if ((width == 0 || strength == 0) && !gone || shape.paints().isEmpty()) {
            return now;
        }
        int colour = worn.colour(COLOUR);
        String place = worn.pick(PLACE);
        boolean outside = place.equals(OUTSIDE);
        Drawing drawing = new Drawing(
                worn.get(DRAWN),
                worn.get(DASH) * wearer.px(),
                worn.get(BETWEEN) * wearer.px(),
                !worn.pick(JOINED).equals(ROUND));
        double gap = worn.get(GAP) * wearer.px();
        DisplayList.Builder out = new DisplayList.Builder();
        if (!outside) {
            // Outside, what runs inside others is hidden by them.
            shape = Joined.of(shape);
            if (!gone) {
                out.all(now.paints());
            }
        }
        out.add(new PaintOp.Layer((float) strength, 0, 0));
        if (outside) {
            boolean heavier = drawing.isWhole() && !drawing.sharp();
            out.all(
                    heavier
                            ? Silhouettes.of(shape, colour, gap + width)
                            : Silhouettes.lines(shape, colour, 2 * (gap + width), drawing));
            // Letters that are painted over it hide what is under them; only a seam would be seen of a cut there.
            if (gap > 0 || gone) {
                out.add(new PaintOp.Cut());
                out.all(Silhouettes.of(shape, 0, gap));
                out.restore();
            }
        } else if (place.equals(ALONG)) {
            out.all(Silhouettes.lines(shape, colour, width, drawing));
        } else {
            out.all(Silhouettes.lines(shape, colour, 2 * (width + gap), drawing));
            if (gap > 0) {
                out.add(new PaintOp.Cut());
                out.all(Silhouettes.lines(shape, 0, 2 * gap));
                out.restore();
            }
            out.add(new PaintOp.Mask());
            out.all(Silhouettes.of(shape, 0, 0));
            out.restore();
        }
        out.restore();
        return (gone || !outside ? out : out.all(now.paints())).build();
    }
}
