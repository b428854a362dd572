package knollwind.core.display;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;

/**
 * Where operations can leave ink: the boxes of their outlines under their matrices, grown by pens, blurs and soft edges, inside their
 * clips. Never too small; larger than what is seen where outlines turn. And what its layers must have room for.
 */
final class InkReach implements PaintOp.Cases {
    /** px: an edge that lies between two pixels touches both, and numbers are rounded on the way. */
    private static final double SOFT = 1.5;

    /** Standard deviations beyond which a blur adds less than half a step of a byte. */
    private static final double DEVIATIONS = 3.2;

    /** Behind this share of its distance the eye sees outlines without bounds. */
    private static final double NEAREST = 1e-3;

    static final Box EVERYWHERE = new Box(
            Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

    /**
     * What a save or layer goes back to.
     *
     * @param at where it stands among the operations
     */
    private record Opened(double[] matrix, Box clip, Box ink, Box uncut, Soft layer, boolean mask, int at) {}

    /**
     * Standard deviations of a layer's blur, px of the matrix in force, how many of them are one of the layer, and whether it paints also outside
     * what is painted in it.
     */
    private record Soft(double x, double y, int coarse, boolean everywhere) {
        boolean blurs() {
            return x > 0 || y > 0;
        }
    }

    private final Deque<Opened> opened = new ArrayDeque<>();
    private final Box[] rooms;
    private int at;
    /** What a layer must have room for, so that no outline is cut off by its edge: outlines are painted otherwise when they are cut. */
    private Box uncut = Box.EMPTY;

    private boolean layered;

    private double[] matrix = {1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1};
    private Box clip = EVERYWHERE;
    private Box ink = Box.EMPTY;

    private InkReach(int count) {
        rooms = new Box[count];
    }

    /** Of these operations. */
    static InkReach of(List<PaintOp> paints) {
        InkReach reach = new InkReach(paints.size());
        for (PaintOp paint : paints) {
            paint.match(reach);
            reach.at++;
        }
        while (!reach.opened.isEmpty()) {
            reach.restore(null);
        }
        return reach;
    }

    /** Whether all of it is boxes along x and y, without layers: cut off anywhere, what is left of it is painted as before. */
    boolean isCuttable() {
        return uncut.isEmpty() && !layered;
    }

    /** Where they can leave ink, px of the frame. */
    Box ink() {
        return ink;
    }

    /**
     * For each operation that opens a layer what it must have room for, px of the frame; null where it is as large as what it is opened
     * in.
     */
    Box[] rooms() {
        return rooms;
    }

    @Override
    public void save(PaintOp.Save save) {
        opened.push(new Opened(matrix, clip, ink, uncut, null, false, at));
    }

    @Override
    public void layer(PaintOp.Layer layer) {
        open(new Soft(layer.blurX(), layer.blurY(), layer.coarse(), false));
    }

    /** Mixed with nothing beneath it, it is laid over: it leaves ink where a layer does. */
    @Override
    public void mixed(PaintOp.Mixed mixed) {
        open(new Soft(mixed.blurX(), mixed.blurY(), mixed.coarse(), false));
    }

    /** With an offset it also leaves ink where nothing is painted. */
    @Override
    public void bright(PaintOp.Bright bright) {
        open(new Soft(0, 0, 1, bright.offset() > 0));
    }

    private void open(Soft soft) {
        opened.push(new Opened(matrix, clip, ink, uncut, soft, false, at));
        layered = true;
        ink = Box.EMPTY;
        uncut = Box.EMPTY;
        if (soft.blurs()) {
            // What lies outside the clip is blurred into it.
            clip = EVERYWHERE;
        }
    }

    /** A mask only takes away: from its layer, or from all that lies beneath where it has none. */
    @Override
    public void mask(PaintOp.Mask mask) {
        takeAway();
    }

    @Override
    public void cut(PaintOp.Cut cut) {
        takeAway();
    }

    private void takeAway() {
        if (opened.isEmpty()) {
            ink = EVERYWHERE;
        }
        layered = true;
        opened.push(new Opened(matrix, clip, ink, uncut, null, true, at));
    }

    @Override
    public void restore(PaintOp.Restore restore) {
        Opened before = opened.pop();
        matrix = before.matrix();
        clip = before.clip();
        if (before.mask()) {
            ink = before.ink();
        } else if (before.layer() != null) {
            Box room = uncut.union(ink);
            // Where the matrix turns, or in a coarse layer, painters cannot tell the box as it has it.
            boolean coarse = opened.stream()
                    .anyMatch(one -> one.layer() != null && one.layer().coarse() > 1);
            boolean told = !coarse && !before.layer().everywhere();
            if (told && clip.equals(EVERYWHERE) && isStraight() && isBounded(room)) {
                rooms[before.at()] = room;
            }
            Box own = before.layer().everywhere() ? EVERYWHERE : blurred(ink, before.layer());
            ink = before.ink().union(inside(own));
            uncut = before.uncut().union(blurred(room, before.layer()));
        }
    }

    /** Whether what lies along x and y is seen so. */
    private boolean isStraight() {
        return matrix[1] == 0 && matrix[4] == 0 && matrix[12] == 0 && matrix[13] == 0;
    }

    private static boolean isBounded(Box box) {
        return Double.isFinite(box.width() + box.height()) && !box.isEmpty();
    }

    /** Outlines with sides along x and y alone may be cut off by an edge: what is left of them is painted as before. */
    private void whole(Outline outline, double pen) {
        if (!isStraight() || pen > 0 || !outline.isRectangle()) {
            uncut = uncut.union(seen(outline.ink(), pen));
        }
    }

    @Override
    public void concat(PaintOp.Concat m) {
        matrix = times(new double[] {m.a(), m.c(), 0, m.e(), m.b(), m.d(), 0, m.f(), 0, 0, 1, 0, 0, 0, 0, 1});
    }

    @Override
    public void concatDeep(PaintOp.ConcatDeep deep) {
        double[] m = new double[16];
        for (int i = 0; i < 16; i++) {
            m[i] = deep.m()[i];
        }
        matrix = times(m);
    }

    @Override
    public void clip(PaintOp.Clip narrower) {
        whole(narrower.outline(), 0);
        clip = inside(seen(narrower.outline().ink(), 0));
    }

    @Override
    public void fill(PaintOp.Fill fill) {
        whole(fill.outline(), 0);
        ink = ink.union(inside(seen(fill.outline().ink(), 0)));
    }

    @Override
    public void stroke(PaintOp.Stroke stroke) {
        whole(stroke.fill().outline(), stroke.beyond());
        ink = ink.union(inside(seen(stroke.fill().outline().ink(), stroke.beyond())));
    }

    /** It only takes away: from its layer, or from what lies beneath where it has none. */
    @Override
    public void fade(PaintOp.Fade fade) {
        whole(fade.fill().outline(), 0);
        layered = true;
        if (opened.stream().noneMatch(one -> one.layer() != null || one.mask())) {
            ink = ink.union(inside(seen(fade.fill().outline().ink(), 0)));
        }
    }

    private Box inside(Box box) {
        return box.inside(clip);
    }

    /** A box of the present plane, grown by a pen, as it is seen in the frame. */
    private Box seen(Box box, double pen) {
        if (box.isEmpty()) {
            return Box.EMPTY;
        }
        Box seen = Box.EMPTY;
        for (double x : new double[] {box.left() - pen, box.right() + pen}) {
            for (double y : new double[] {box.top() - pen, box.bottom() + pen}) {
                double w = matrix[12] * x + matrix[13] * y + matrix[15];
                if (!(w > NEAREST)) {
                    return EVERYWHERE;
                }
                double across = (matrix[0] * x + matrix[1] * y + matrix[3]) / w;
                double down = (matrix[4] * x + matrix[5] * y + matrix[7]) / w;
                seen = seen.union(new Box(across, down, across, down));
            }
        }
        return grown(seen, SOFT, SOFT);
    }

    private Box blurred(Box box, Soft soft) {
        // Between two px of a coarse layer it is mixed.
        double between = soft.coarse() > 1 ? 2 * soft.coarse() : 0;
        double sx = DEVIATIONS * soft.x() + between;
        double sy = DEVIATIONS * soft.y() + between;
        if (box.isEmpty() || sx == 0 && sy == 0) {
            return box;
        }
        if (matrix[12] != 0 || matrix[13] != 0) {
            return EVERYWHERE;
        }
        double across = Math.abs(matrix[0]) * sx + Math.abs(matrix[1]) * sy;
        double down = Math.abs(matrix[4]) * sx + Math.abs(matrix[5]) * sy;
        return grown(box, across + 2 * SOFT, down + 2 * SOFT);
    }

    private static Box grown(Box box, double across, double down) {
        return new Box(box.left() - across, box.top() - down, box.right() + across, box.bottom() + down);
    }

    private double[] times(double[] m) {
        double[] product = new double[16];
        for (int row = 0; row < 4; row++) {
            for (int column = 0; column < 4; column++) {
                double sum = 0;
                for (int k = 0; k < 4; k++) {
                    sum += matrix[4 * row + k] * m[4 * k + column];
                }
                product[4 * row + column] = sum;
            }
        }
        return product;
    }
}
