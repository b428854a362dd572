package knollwind.core.display;

import java.util.Arrays;
import knollwind.core.geometry.Outline;

/** One operation of a display list. The list is all that painters know. */
public sealed interface PaintOp {
    /** Remembers matrix and clip. */
    record Save() implements PaintOp {}

    /** Goes back to the last save, or closes the last layer and lays it over what is below. */
    record Restore() implements PaintOp {}

    /** Multiplies the current matrix from the right; column vectors, y down. */
    record Concat(float a, float b, float c, float d, float e, float f) implements PaintOp {}

    /**
     * Multiplies the current matrix from the right by one in space, column vectors, z towards the viewer.
     *
     * @param m 16 numbers by rows
     */
    record ConcatDeep(float[] m) implements PaintOp {
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
    record Clip(Outline outline) implements PaintOp {}

    /**
     * Opens a layer; its restore blurs it (Gaussian, standard deviations along x and y in px of the current matrix) and lays
     * it over with this opacity.
     */
    record Layer(float opacity, float blurX, float blurY) implements PaintOp {}

    /** Opens a layer; its restore leaves of what is below only what the layer covers, by the layer's alpha. */
    record Mask() implements PaintOp {}

    /** Fills the outline (non-zero winding, soft edges), its ink's alpha times the opacity. */
    record Fill(Outline outline, Ink ink, float opacity) implements PaintOp {}

    /**
     * Strokes the outline with a round pen.
     *
     * @param fill the outline, ink and opacity
     * @param width of the pen, px of the current matrix
     * @param drawn px of every contour that are drawn, from its first point on; below 0 all
     */
    record Stroke(Fill fill, float width, float drawn) implements PaintOp {}
}
