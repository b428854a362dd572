package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Outline;

/** What a list covers, in one colour. */
final class Silhouettes {
    private Silhouettes() {}

    /**
     * As far as the list covers what is below it, opaque in a colour of which only red, green and blue count.
     *
     * @param grown px by which each outline is made heavier
     */
    static List<PaintOp> of(DisplayList list, int argb, double grown) {
        List<PaintOp> silhouette = new ArrayList<>();
        if (list.paints().stream().noneMatch(Silhouettes::hasPicture)) {
            list.paints().forEach(paint -> outlined(paint, argb, grown, silhouette));
            return silhouette;
        }
        // Pictures have no other colour: a box of it, of which it leaves what they cover.
        silhouette.add(new PaintOp.Layer(1, 0, 0));
        silhouette.add(new PaintOp.Fill(Outline.rectangle(list.ink().grown(grown + 2)), plain(argb), 1));
        silhouette.add(new PaintOp.Mask());
        silhouette.addAll(list.paints());
        if (grown > 0) {
            silhouette.addAll(lines(list, 0, 2 * grown));
        }
        silhouette.add(new PaintOp.Restore());
        silhouette.add(new PaintOp.Restore());
        return silhouette;
    }

    /** Lines along the list's outlines, half of them inside, opaque. */
    static List<PaintOp> lines(DisplayList list, int argb, double width) {
        return lines(list, argb, width, Drawing.WHOLE);
    }

    /** The same, drawn so far and so. */
    static List<PaintOp> lines(DisplayList list, int argb, double width, Drawing drawing) {
        List<PaintOp> lines = new ArrayList<>();
        list.paints().forEach(paint -> {
            if (paint instanceof PaintOp.Fill fill) {
                lines.addAll(
                        drawing.strokes(new PaintOp.Fill(fill.outline(), plain(argb), fill.opacity()), (float) width));
            } else if (paint instanceof PaintOp.Stroke stroke) {
                // What is dashed already, such as a letter that is being drawn, keeps its own.
                if (drawing.isWhole() || !stroke.dashes().isEmpty()) {
                    lines.add(inked(stroke, argb, width));
                } else {
                    lines.addAll(drawing.strokes(coloured(stroke.fill(), argb), (float) (stroke.width() + width)));
                }
            } else {
                lines.add(paint);
            }
        });
        return lines;
    }

    /** The same list in other colours; pictures keep theirs. */
    static List<PaintOp> coloured(DisplayList list, IntUnaryOperator other) {
        List<PaintOp> coloured = new ArrayList<>();
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Fill fill) {
                coloured.add(coloured(fill, other));
            } else if (paint instanceof PaintOp.Stroke stroke) {
                coloured.add(stroke.with(coloured(stroke.fill(), other)));
            } else {
                coloured.add(paint);
            }
        }
        return coloured;
    }

    /** A colour on the way from one to another, as they are encoded. */
    static int between(int one, int other, double share) {
        int mixed = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            int from = one >> shift & 255;
            int to = other >> shift & 255;
            mixed |= (int) Math.round(from + (to - from) * share) << shift;
        }
        return mixed;
    }

    static Ink plain(int argb) {
        return new Ink.Plain(0xff000000 | argb);
    }

    private static boolean hasPicture(PaintOp paint) {
        return paint instanceof PaintOp.Fill fill && fill.ink() instanceof Ink.Picture
                || paint instanceof PaintOp.Stroke stroke && stroke.fill().ink() instanceof Ink.Picture;
    }

    private static void outlined(PaintOp paint, int argb, double grown, List<PaintOp> out) {
        if (paint instanceof PaintOp.Fill fill) {
            PaintOp.Fill coloured = coloured(fill, argb);
            out.add(coloured);
            if (grown > 0) {
                out.add(new PaintOp.Stroke(coloured, (float) (2 * grown)));
            }
        } else if (paint instanceof PaintOp.Stroke stroke) {
            out.add(inked(stroke, argb, 2 * grown));
        } else {
            out.add(paint);
        }
    }

    private static PaintOp.Stroke inked(PaintOp.Stroke stroke, int argb, double more) {
        return stroke.with(coloured(stroke.fill(), argb)).wide((float) (stroke.width() + more));
    }

    private static PaintOp.Fill coloured(PaintOp.Fill fill, int argb) {
        return coloured(fill, own -> own & 0xff000000 | argb & 0xffffff);
    }

    private static PaintOp.Fill coloured(PaintOp.Fill fill, IntUnaryOperator other) {
        return new PaintOp.Fill(fill.outline(), fill.ink().coloured(other), fill.opacity());
    }
}
