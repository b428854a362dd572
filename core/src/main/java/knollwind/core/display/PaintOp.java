package knollwind.core.display;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import knollwind.core.geometry.Outline;

/**
 * One operation of a display list. The list is all that painters know. All there is to say of an operation stands here: its
 * fields, its code and words in a reel ({@code docs/reel.md}), how it is dumped, and its case, which every painter must have.
 */
public sealed interface PaintOp {
    /** One method for each operation. */
    interface Cases {
        void save(Save save);

        void restore(Restore restore);

        void concat(Concat matrix);

        void concatDeep(ConcatDeep matrix);

        void clip(Clip clip);

        void layer(Layer layer);

        void mask(Mask mask);

        void mixed(Mixed mixed);

        void cut(Cut cut);

        void bright(Bright bright);

        void fill(Fill fill);

        void stroke(Stroke stroke);

        void fade(Fade fade);
    }

    void match(Cases cases);

    /** What of it reaches painters, in order. */
    default void reach(Consumer<PaintOp> out) {
        out.accept(this);
    }

    /** Whether a restore closes it. */
    default boolean opens() {
        return isLayer();
    }

    /** Whether what is painted up to its restore is painted apart, and laid over or taken away then. */
    default boolean isLayer() {
        return false;
    }

    /** Its code and its words. */
    void write(ReelWords out);

    /** Its name and its values, for people who want to look inside. Outlines go by their ids in hexadecimal. */
    List<Object> dump();

    /** The operation whose code has just been read. */
    static PaintOp read(int code, ReelSource in) {
        return switch (code) {
            case Save.CODE -> new Save();
            case Restore.CODE -> new Restore();
            case Concat.CODE ->
                new Concat(in.number(), in.number(), in.number(), in.number(), in.number(), in.number());
            case ConcatDeep.CODE -> new ConcatDeep(in.numbers(16));
            case Clip.CODE -> new Clip(in.outline());
            case Layer.CODE -> new Layer(in.number(), in.number(), in.number(), in.whole());
            case Mask.CODE -> new Mask();
            case Mixed.CODE -> new Mixed(Mixing.of(in.whole()), in.number(), in.number(), in.number(), in.whole());
            case Cut.CODE -> new Cut();
            case Bright.CODE -> new Bright(in.number(), in.number());
            case Stroke.CODE -> {
                float width = in.number();
                boolean sharp = in.whole() == 1;
                float[] read = in.numbers(in.whole());
                List<Float> dashes = new ArrayList<>();
                for (float dash : read) {
                    dashes.add(dash);
                }
                yield new Stroke(Fill.read(in.whole(), in), width, dashes, sharp);
            }
            case Fade.CODE -> new Fade(Fill.read(in.whole(), in));
            default -> Fill.read(code, in);
        };
    }

    /** Remembers matrix and clip. */
    record Save() implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 1;

        @Override
        public boolean opens() {
            return true;
        }

        @Override
        public void match(Cases cases) {
            cases.save(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE);
        }

        @Override
        public List<Object> dump() {
            return List.of("save");
        }
    }

    /** Goes back to the last save, or closes the last layer and lays it over what is below. */
    record Restore() implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 2;

        @Override
        public void match(Cases cases) {
            cases.restore(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE);
        }

        @Override
        public List<Object> dump() {
            return List.of("restore");
        }
    }

    /** Multiplies the current matrix from the right; column vectors, y down. */
    record Concat(float a, float b, float c, float d, float e, float f) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 3;

        @Override
        public void match(Cases cases) {
            cases.concat(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE).put(a, b, c, d, e, f);
        }

        @Override
        public List<Object> dump() {
            return List.of("concat", a, b, c, d, e, f);
        }
    }

    /**
     * Multiplies the current matrix from the right by one in space, column vectors, z towards the viewer.
     *
     * @param m 16 numbers by rows
     */
    record ConcatDeep(float[] m) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 10;

        @Override
        public void match(Cases cases) {
            cases.concatDeep(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE).put(m);
        }

        @Override
        public List<Object> dump() {
            return List.of("concatDeep", m);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof ConcatDeep deep && Arrays.equals(deep.m, m);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(m);
        }
    }

    /** Narrows the clip to the inside of the outline, with soft edges. */
    record Clip(Outline outline) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 4;

        @Override
        public void match(Cases cases) {
            cases.clip(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE).outline(outline);
        }

        @Override
        public List<Object> dump() {
            return List.of("clip", Long.toHexString(outline.id()));
        }
    }

    /**
     * Opens a layer; its restore blurs it (Gaussian, standard deviations along x and y in px of the current matrix) and lays
     * it over with this opacity.
     *
     * @param coarse px of the current matrix that are one px of the layer across and down: what is soft needs no more, and is made
     *     faster
     */
    record Layer(float opacity, float blurX, float blurY, int coarse) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 5;

        /** As fine as the frame. */
        public Layer(float opacity, float blurX, float blurY) {
            this(opacity, blurX, blurY, 1);
        }

        @Override
        public boolean isLayer() {
            return true;
        }

        @Override
        public void match(Cases cases) {
            cases.layer(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE).put(opacity, blurX, blurY).put(coarse);
        }

        @Override
        public List<Object> dump() {
            return List.of("layer", opacity, blurX, blurY, coarse);
        }
    }

    /** Opens a layer; its restore leaves of what is below only what the layer covers, by the layer's alpha. */
    record Mask() implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 11;

        @Override
        public boolean isLayer() {
            return true;
        }

        @Override
        public void match(Cases cases) {
            cases.mask(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE);
        }

        @Override
        public List<Object> dump() {
            return List.of("mask");
        }
    }

    /** Opens a layer; its restore takes away of what is below what the layer covers, by the layer's alpha. */
    record Cut() implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 14;

        @Override
        public boolean isLayer() {
            return true;
        }

        @Override
        public void match(Cases cases) {
            cases.cut(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE);
        }

        @Override
        public List<Object> dump() {
            return List.of("cut");
        }
    }

    /**
     * Opens a layer; its restore lays it over as black whose alpha is what its brightness was: gain · (0.2126 R + 0.7152 G + 0.0722 B) +
     * offset, of encoded values from 0 to 1 that are not multiplied by alpha; where it is empty they are 0.
     */
    record Bright(float gain, float offset) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 16;

        @Override
        public boolean isLayer() {
            return true;
        }

        @Override
        public void match(Cases cases) {
            cases.bright(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE).put(gain, offset);
        }

        @Override
        public List<Object> dump() {
            return List.of("bright", gain, offset);
        }
    }

    /** Opens a layer as {@link Layer} does; its restore mixes it with what is below. */
    record Mixed(Mixing mixing, float opacity, float blurX, float blurY, int coarse) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 15;

        /** As fine as the frame. */
        public Mixed(Mixing mixing, float opacity, float blurX, float blurY) {
            this(mixing, opacity, blurX, blurY, 1);
        }

        @Override
        public boolean isLayer() {
            return true;
        }

        @Override
        public void match(Cases cases) {
            cases.mixed(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE).put(mixing.ordinal()).put(opacity, blurX, blurY).put(coarse);
        }

        @Override
        public List<Object> dump() {
            return List.of("mixed", mixing.name(), opacity, blurX, blurY, coarse);
        }
    }

    /** Fills the outline (non-zero winding, soft edges), its ink's alpha times the opacity. Its code is that of its ink. */
    record Fill(Outline outline, Ink ink, float opacity) implements PaintOp {
        static Fill read(int code, ReelSource in) {
            Outline outline = in.outline();
            float opacity = in.number();
            return new Fill(outline, Ink.read(code, in), opacity);
        }

        @Override
        public void match(Cases cases) {
            cases.fill(this);
        }

        @Override
        public void reach(Consumer<PaintOp> out) {
            if (ink instanceof Ink.Nested nested) {
                nested.reach(this, out);
            } else {
                out.accept(this);
            }
        }

        @Override
        public void write(ReelWords out) {
            out.put(ink.code()).outline(outline).put(opacity);
            ink.write(out);
        }

        @Override
        public List<Object> dump() {
            return List.of("fill", Long.toHexString(outline.id()), opacity, ink.dump());
        }
    }

    /**
     * Strokes the outline with a pen.
     *
     * @param fill the outline, ink and opacity
     * @param width of the pen, px of the current matrix
     * @param dashes px of every contour that are drawn and left, in turn, from its first point on; empty for all of it
     * @param sharp whether corners and ends are cut square, not round
     */
    record Stroke(Fill fill, float width, List<Float> dashes, boolean sharp) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 12;

        /** Half widths that a sharp corner reaches at most. */
        private static final float SHARPEST = 4;

        /** px that no contour is as long as. */
        private static final float UNDRAWN = 1e6f;

        public Stroke {
            dashes = List.copyOf(dashes);
        }

        /** All of it, with a round pen. */
        public Stroke(Fill fill, float width) {
            this(fill, width, List.of(), false);
        }

        /** As far as some px of every contour, with a round pen. */
        public Stroke(Fill fill, float width, float drawn) {
            this(fill, width, List.of(Math.max(0, drawn), UNDRAWN), false);
        }

        /** Dashes as far as some px of every contour. */
        public static List<Float> dashes(float drawn, float dash, float gap) {
            List<Float> dashes = new ArrayList<>();
            float left = drawn;
            while (left > 0) {
                dashes.add(Math.min(dash, left));
                dashes.add(gap);
                left -= dash + gap;
            }
            if (dashes.isEmpty()) {
                return List.of(0f, UNDRAWN);
            }
            dashes.set(dashes.size() - 1, UNDRAWN);
            return dashes;
        }

        /** The same pen for another fill. */
        public Stroke with(Fill other) {
            return new Stroke(other, width, dashes, sharp);
        }

        public Stroke wide(float other) {
            return new Stroke(fill, other, dashes, sharp);
        }

        /** px that it reaches beyond its outline. */
        public float beyond() {
            return width / 2 * (sharp ? SHARPEST : 1);
        }

        @Override
        public void match(Cases cases) {
            cases.stroke(this);
        }

        /** A line drawn with other paints shows nothing of them. */
        @Override
        public void reach(Consumer<PaintOp> out) {
            if (!(fill.ink instanceof Ink.Nested)) {
                out.accept(this);
            }
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE).put(width).put(sharp ? 1 : 0).put(dashes.size());
            dashes.forEach(dash -> out.put(dash));
            fill.write(out);
        }

        @Override
        public List<Object> dump() {
            return List.of("stroke", width, dashes, sharp, fill.dump());
        }
    }

    /**
     * Takes away from what lies in the layer, inside the outline alone: each point's alpha is multiplied by the ink's there.
     *
     * @param fill the outline, ink and opacity
     */
    record Fade(Fill fill) implements PaintOp {
        /** In reels; taken for ever. */
        static final int CODE = 13;

        @Override
        public void match(Cases cases) {
            cases.fade(this);
        }

        @Override
        public void write(ReelWords out) {
            out.put(CODE);
            fill.write(out);
        }

        @Override
        public List<Object> dump() {
            return List.of("fade", fill.dump());
        }
    }
}
