package knollwind.core.frame;

import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Shade;

/**
 * A block at one time.
 *
 * @param bounds box in the frame around the units that are seen, by their advances; empty when none is
 */
public record BlockFrame(DisplayList list, Box bounds) {
    static final BlockFrame NOTHING = new BlockFrame(DisplayList.EMPTY, Box.EMPTY);

    /**
     * The same over its soft copy: one colour, as far as the block covers what is below it.
     *
     * @param em type size in px of the base frame
     * @param scale px of the format for one of the base frame
     */
    BlockFrame over(Shade shade, double em, double scale) {
        if (bounds.isEmpty()) {
            return this;
        }
        float soft = (float) (shade.soft() * scale);
        Outline all = Outline.rectangle(bounds.grown(em * scale));
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Layer((float) shade.strength(), soft, soft));
        out.add(new PaintOp.Fill(all, new Ink.Plain(Colour.argb(shade.colour())), 1));
        out.add(new PaintOp.Mask());
        list.paints().forEach(out::add);
        out.restore();
        out.restore();
        list.paints().forEach(out::add);
        return new BlockFrame(out.build(), bounds);
    }
}
