package knollwind.core.display;

import java.util.ArrayDeque;
import java.util.Deque;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/**
 * What it costs a processor to paint a list whole: a sum over its operations by what they cover, with weights fitted to times of both
 * painters' library on one core ({@code ./knollwind bench dress} prints them beside measured times).
 */
public final class PaintCost implements PaintOp.Cases {
    private static final double MEGA = 1e6;

    /** An edge costs by the root of the rows of px that it crosses, until so many; by its part of a row where it is shorter. */
    private static final double MOST_ROWS = 16;

    /** Kinds of work, with ms for one outline or for a million px. */
    private enum Work {
        OUTLINE(0.012),
        EDGE(0.0008),
        CURVE(0.0014),
        FILLED(6.2),
        SHADED(9.5),
        LINE(0.085),
        LAYER(2.3),
        BLURRED(46),
        ENLARGED(34),
        MIXED(2),
        TAKEN(0.8);

        private final double weight;

        Work(double weight) {
            this.weight = weight;
        }
    }

    /** @param layer null for a save */
    private record Opened(Matrix matrix, Box clip, Box ink, double shrunk, Layered layer) {}

    /** A layer: what it takes when it is laid down. */
    private record Layered(double blurX, double blurY, int coarse, boolean mixed, boolean takes) {}

    private final Box frame;
    private final Deque<Opened> opened = new ArrayDeque<>();
    private final double[] done = new double[Work.values().length];
    private Matrix matrix = Matrix.IDENTITY;
    private Box clip;
    private Box ink = Box.EMPTY;
    /** Px of the frame that are one of the layer, of its area. */
    private double shrunk = 1;

    private PaintCost(Box frame) {
        this.frame = frame;
        this.clip = frame;
    }

    /** @param frame what is seen, px */
    public static PaintCost of(DisplayList list, Box frame) {
        PaintCost cost = new PaintCost(frame);
        for (PaintOp paint : list.paints()) {
            paint.match(cost);
        }
        return cost;
    }

    /** Milliseconds. */
    public double ms() {
        double sum = 0;
        for (Work work : Work.values()) {
            sum += done[work.ordinal()] * work.weight;
        }
        return sum;
    }

    /** How much of each kind of work, in their order: numbers of outlines, and millions of px. */
    public double[] work() {
        return done.clone();
    }

    @Override
    public void save(PaintOp.Save save) {
        push(null);
    }

    private void push(Layered layer) {
        opened.push(new Opened(matrix, clip, ink, shrunk, layer));
        if (layer != null) {
            ink = Box.EMPTY;
            shrunk *= layer.coarse() * layer.coarse();
        }
    }

    @Override
    public void restore(PaintOp.Restore restore) {
        if (opened.isEmpty()) {
            return;
        }
        Opened before = opened.pop();
        Box own = ink;
        matrix = before.matrix();
        clip = before.clip();
        Layered layer = before.layer();
        if (layer != null) {
            Box spread = own.isEmpty() ? own : own.grown(3 * scale() * Math.max(layer.blurX(), layer.blurY()));
            // What takes away is as large as all there is.
            double area = area(layer.takes() ? frame : spread) / shrunk;
            add(layer.takes() ? Work.TAKEN : Work.LAYER, area);
            if (layer.blurX() > 0 || layer.blurY() > 0) {
                add(Work.BLURRED, area);
            }
            if (layer.mixed()) {
                add(Work.MIXED, area(spread) / before.shrunk());
            }
            if (layer.coarse() > 1) {
                add(Work.ENLARGED, area(spread) / before.shrunk());
            }
            own = layer.takes() ? Box.EMPTY : spread;
        }
        ink = before.ink().union(own);
        shrunk = before.shrunk();
    }

    @Override
    public void concat(PaintOp.Concat m) {
        matrix = matrix.times(Matrix.flat(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()));
    }

    @Override
    public void concatDeep(PaintOp.ConcatDeep deep) {
        matrix = matrix.times(Matrix.deep(deep.m()));
    }

    @Override
    public void clip(PaintOp.Clip narrower) {
        clip = inside(matrix.map(narrower.outline().ink()));
    }

    @Override
    public void layer(PaintOp.Layer layer) {
        push(new Layered(layer.blurX(), layer.blurY(), layer.coarse(), false, false));
    }

    @Override
    public void mixed(PaintOp.Mixed mixed) {
        push(new Layered(mixed.blurX(), mixed.blurY(), mixed.coarse(), true, false));
    }

    @Override
    public void mask(PaintOp.Mask mask) {
        push(new Layered(0, 0, 1, false, true));
    }

    @Override
    public void cut(PaintOp.Cut cut) {
        push(new Layered(0, 0, 1, false, true));
    }

    @Override
    public void bright(PaintOp.Bright bright) {
        push(new Layered(0, 0, 1, true, false));
    }

    @Override
    public void fill(PaintOp.Fill fill) {
        Box box = inside(matrix.map(fill.outline().ink()));
        if (!box.isEmpty()) {
            add(Work.OUTLINE, 1);
            edges(fill.outline());
            add(Work.FILLED, area(box) / shrunk);
            if (!(fill.ink() instanceof Ink.Plain)) {
                add(Work.SHADED, area(box) / shrunk);
            }
            ink = ink.union(box);
        }
    }

    @Override
    public void stroke(PaintOp.Stroke stroke) {
        Box box = inside(matrix.map(stroke.fill().outline().ink().grown(stroke.width() / 2)));
        if (!box.isEmpty()) {
            add(Work.LINE, 1);
            edges(stroke.fill().outline());
            add(Work.FILLED, area(box) / shrunk);
            ink = ink.union(box);
        }
    }

    @Override
    public void fade(PaintOp.Fade fade) {
        fill(fade.fill());
    }

    /** Straight ones, by the rows of px that they cross, and curves, which become many. */
    private void edges(Outline outline) {
        double scale = scale() / Math.sqrt(shrunk);
        int curves = 0;
        double crossed = 0;
        float[] points = outline.points();
        int at = -1;
        for (byte verb : outline.verbs()) {
            at += 2 * Outline.pointsOf(verb);
            if (verb == Outline.LINE) {
                double rows = Math.min(MOST_ROWS, scale * Math.abs(points[at] - points[at - 2]));
                crossed += rows < 1 ? rows : Math.sqrt(rows);
            } else if (verb == Outline.QUADRATIC || verb == Outline.CUBIC) {
                curves++;
            }
        }
        add(Work.CURVE, curves);
        add(Work.EDGE, crossed);
    }

    private double scale() {
        return Math.sqrt(Math.abs(matrix.a() * matrix.d() - matrix.b() * matrix.c()));
    }

    private void add(Work work, double amount) {
        done[work.ordinal()] += amount;
    }

    /** Millions of px of the frame. */
    private double area(Box box) {
        Box seen = box.inside(frame);
        return seen.width() * seen.height() / MEGA;
    }

    private Box inside(Box box) {
        return box.inside(clip);
    }
}
