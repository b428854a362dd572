package knollwind.core.display;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;

/**
 * A stretch of a display list that stands by itself: it leaves matrix and clip as it found them, and what it paints depends only on
 * what lies beneath it. Equal pieces over equal ground give equal pixels.
 */
public final class Piece {
    private final List<PaintOp> paints;
    private final int hash;
    private InkReach reach;

    private Piece(List<PaintOp> paints) {
        this.paints = paints;
        this.hash = paints.hashCode();
    }

    /** The pieces of a list, in order. */
    public static List<Piece> of(DisplayList list) {
        List<PaintOp> paints = list.paints();
        List<Piece> pieces = new ArrayList<>();
        Depth depth = new Depth();
        int from = 0;
        for (int i = 0; i < paints.size(); i++) {
            paints.get(i).match(depth);
            if (depth.loose) {
                // A matrix or clip for all that follows, or a mask over all before: the rest is one.
                pieces.add(new Piece(paints.subList(from, paints.size())));
                return pieces;
            }
            if (depth.open == 0) {
                pieces.add(new Piece(paints.subList(from, i + 1)));
                from = i + 1;
            }
        }
        return pieces;
    }

    /** A layer that holds this and is laid over as it is. */
    public static Piece layer(List<PaintOp> contents) {
        List<PaintOp> paints = new ArrayList<>(contents.size() + 2);
        paints.add(new PaintOp.Layer(1, 0, 0));
        paints.addAll(contents);
        paints.add(new PaintOp.Restore());
        return new Piece(paints);
    }

    public List<PaintOp> paints() {
        return paints;
    }

    /**
     * What stands in its layer, where all of it is one layer of known size that does not blur; null elsewhere. Such a piece is painted as
     * these are on nothing, laid over with the layer's opacity.
     */
    public List<PaintOp> contents() {
        boolean layer = paints.get(0) instanceof PaintOp.Layer opened
                && opened.blurX() <= 0
                && opened.blurY() <= 0
                && opened.coarse() == 1;
        return layer && room(0) != null ? paints.subList(1, paints.size() - 1) : null;
    }

    /** Where it can leave ink, px of the frame, soft edges included; without bounds where that cannot be told. */
    public Box reach() {
        return measured().ink();
    }

    /**
     * For each operation that opens a layer how large it must be, px of the frame, so that it holds its ink and cuts no outline that the
     * frame does not cut; null where it is as large as what it is opened in.
     */
    public Box room(int operation) {
        return measured().rooms()[operation];
    }

    /** Whether it can be cut off anywhere along x and y without what is left being painted otherwise. */
    public boolean isCuttable() {
        return measured().isCuttable();
    }

    private InkReach measured() {
        if (reach == null) {
            reach = InkReach.of(paints);
        }
        return reach;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Piece piece && piece.hash == hash && piece.paints.equals(paints);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    /** How many saves and layers are open. */
    private static final class Depth implements PaintOp.Cases {
        private int open;
        private boolean loose;

        @Override
        public void save(PaintOp.Save save) {
            open++;
        }

        @Override
        public void restore(PaintOp.Restore restore) {
            open--;
        }

        @Override
        public void concat(PaintOp.Concat matrix) {
            loose |= open == 0;
        }

        @Override
        public void concatDeep(PaintOp.ConcatDeep matrix) {
            loose |= open == 0;
        }

        @Override
        public void clip(PaintOp.Clip clip) {
            loose |= open == 0;
        }

        @Override
        public void layer(PaintOp.Layer layer) {
            open++;
        }

        @Override
        public void mask(PaintOp.Mask mask) {
            loose |= open == 0;
            open++;
        }

        @Override
        public void cut(PaintOp.Cut cut) {
            loose |= open == 0;
            open++;
        }

        @Override
        public void mixed(PaintOp.Mixed mixed) {
            open++;
        }

        @Override
        public void bright(PaintOp.Bright bright) {
            open++;
        }

        @Override
        public void fill(PaintOp.Fill fill) {
            // It stands where it is.
        }

        @Override
        public void stroke(PaintOp.Stroke stroke) {
            // It stands where it is.
        }

        @Override
        public void fade(PaintOp.Fade fade) {
            // It stands where it is.
        }
    }
}
