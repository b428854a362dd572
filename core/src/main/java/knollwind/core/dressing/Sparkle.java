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

/** Glints that come and go at its corners. */
final class Sparkle extends DressKind {
    private static final Word.Amount COUNT = Word.Amount.count("count", "glints", 9, 0, 60);
    private static final Word.Amount SIZE = Word.Amount.em("size", "size", 0.6, 0.02, 4);
    private static final Word.Amount LIFE = Word.Amount.frames("life", "each for", 20, 4, 240);
    private static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);
    private static final Word.Tint COLOUR = new Word.Tint("colour", "colour", "#fff3d0");
    private static final Phrase PHRASE = Phrase.of("sparkling with", COUNT, "glints", "of", SIZE)
            .then("in", COLOUR)
            .then("each for", LIFE)
            .maybe("dealt by", SEED);

    /** Of its size: how far its rays reach in the valleys between them. */
    private static final double WAIST = 0.09;

    private static final int RAYS = 4;

    /** Of its light: what lies around its rays. */
    private static final double HALO = 0.5;

    Sparkle() {
        super("sparkle", "sparkle", PHRASE);
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return worn.get(COUNT) > 0;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        int count = (int) worn.get(COUNT);
        DisplayList now = wearer.now();
        List<Point> corners = count == 0 ? List.of() : corners(now);
        if (corners.isEmpty()) {
            return now;
        }
        double size = worn.get(SIZE) * wearer.em() / 2;
        double life = worn.get(LIFE);
        double frame = wearer.seconds() * wearer.perSecond();
        Noise noise = new Noise((int) worn.get(SEED));
        Outline star = star();
        int colour = worn.colour(COLOUR);
        Outline around = Outline.rectangle(new Box(-1, -1, 1, 1));
        Ink halo = new Ink.Radial(0, 0, 1, new float[] {0, 1}, new int[] {0xff000000 | colour, colour & 0xffffff});
        DisplayList.Builder out = new DisplayList.Builder().all(now.paints());
        out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, 0, 0));
        for (int i = 0; i < count; i++) {
            // Each has its own turn, with a pause as long as itself.
            double turn = frame / (2 * life) + noise.dealt(i, -1);
            int round = (int) Math.floor(turn);
            double inside = 2 * (turn - round);
            if (inside >= 1) {
                continue;
            }
            Point at = corners.get((int) (noise.dealt(i, 2 * round) * corners.size()));
            double grown = StrictMath.sin(Math.PI * inside);
            double large = size * (0.4 + 0.6 * noise.dealt(i, 2 * round + 1)) * grown;
            if (large <= 0) {
                continue;
            }
            out.save();
            out.concat(Matrix.flat(large, 0, 0, large, at.x(), at.y()));
            out.add(new PaintOp.Fill(around, halo, (float) (HALO * grown)));
            out.add(new PaintOp.Fill(star, Silhouettes.plain(colour), (float) grown));
            out.restore();
        }
        out.restore();
        return out.build();
    }

    /** Where outlines begin a side or a curve. */
    private static List<Point> corners(DisplayList list) {
        List<Point> corners = new ArrayList<>();
        Walk.over(list, (paint, matrix) -> {
            if (paint instanceof PaintOp.Fill fill && !fill.outline().isEmpty()) {
                float[] points = fill.outline().points();
                for (int i = 0; i + 1 < points.length; i += 6) {
                    Box at = matrix.map(new Box(points[i], points[i + 1], points[i], points[i + 1]));
                    corners.add(new Point(at.left(), at.top()));
                }
            }
        });
        return corners;
    }

    /** Its rays reach 1 px, up and down further than to the sides. */
    private static Outline star() {
        byte[] verbs = new byte[2 * RAYS + 1];
        float[] points = new float[4 * RAYS];
        for (int i = 0; i < 2 * RAYS; i++) {
            double angle = Math.PI * i / RAYS;
            double reach = i % 2 == 1 ? WAIST : i % 4 == 0 ? 0.7 : 1;
            verbs[i] = i == 0 ? Outline.MOVE : Outline.LINE;
            points[2 * i] = (float) (reach * StrictMath.cos(angle));
            points[2 * i + 1] = (float) (reach * StrictMath.sin(angle));
        }
        verbs[2 * RAYS] = Outline.CLOSE;
        return Outline.of(verbs, points, new Box(-1, -1, 1, 1));
    }
}
