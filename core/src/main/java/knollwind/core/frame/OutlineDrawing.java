package knollwind.core.frame;

import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.frame.Level.Pen;
import knollwind.core.geometry.Contours;
import knollwind.core.geometry.Outline;
import knollwind.core.handwriting.CentreLines;

/**
 * Letters on their way: a contour that is drawn, then fills while the line goes; a pen that writes along the middle of the
 * strokes. Safe for threads.
 */
final class OutlineDrawing {
    /** Of the way, how far until the whole contour is drawn. */
    private static final double LINE = 0.7;
    /** Where filling begins. */
    private static final double FILLS = 0.55;
    /** Where the line begins to go. */
    private static final double GOES = 0.85;
    /** em, where nothing else is said. */
    static final double USUAL_WIDTH = 0.018;

    /** Where a written letter's pen begins to spread into corners it could not reach. */
    private static final double SPREADS = 0.8;

    /** What is drawn only to leave what is below it. */
    static final Ink COVER = new Ink.Plain(0xffffffff);

    /** What letters in no colour are outlined in where nothing else is said: the colour of new words. */
    private static final Ink BARE = new Ink.Plain(0xfff4ead2);

    private final double em;
    private final Contours contours = new Contours();
    private final CentreLines lines;

    /**
     * @param em type size in px
     * @param lines along which letters are written
     */
    OutlineDrawing(double em, CentreLines lines) {
        this.em = em;
        this.lines = lines;
    }

    /** @param ink that it is filled with; null for nothing but its outline */
    void glyph(DisplayList.Builder out, Outline outline, Ink ink, double alpha, Pen pen) {
        if (pen.written() >= 1) {
            contour(out, outline, ink, alpha, pen);
        } else if (pen.written() > 0) {
            out.add(new PaintOp.Layer(1, 0, 0));
            contour(out, outline, ink, alpha, pen);
            out.add(new PaintOp.Mask());
            written(out, outline, pen.written());
            out.restore();
            out.restore();
        }
    }

    /** The pen's way so far, one stroke after another. */
    private void written(DisplayList.Builder out, Outline outline, double part) {
        CentreLines.Written letter = lines.of(outline);
        double spread = Math.max(0, (part - SPREADS) / (1 - SPREADS));
        float width = (float) (letter.width() * (1 + 0.5 * spread * spread));
        double left = letter.length() * part;
        for (Contours.Contour stroke : letter.strokes()) {
            if (left <= 0) {
                return;
            }
            PaintOp.Fill line = new PaintOp.Fill(stroke.outline(), COVER, 1);
            out.add(
                    left >= stroke.length()
                            ? new PaintOp.Stroke(line, width)
                            : new PaintOp.Stroke(line, width, (float) left));
            left -= stroke.length();
        }
    }

    private void contour(DisplayList.Builder out, Outline outline, Ink ink, double alpha, Pen pen) {
        double drawn = pen.drawn();
        double filled = Math.max(0, Math.min(1, (drawn - FILLS) / (1 - FILLS)));
        if (filled > 0 && ink != null) {
            out.add(new PaintOp.Fill(outline, ink, (float) (alpha * filled)));
        }
        boolean around = pen.width() > 0;
        double line = around ? alpha : alpha * Math.min(1, (1 - drawn) / (1 - GOES));
        if (line <= 0 || drawn <= 0) {
            return;
        }
        Ink own = around && pen.argb() != 0 ? new Ink.Plain(pen.argb()) : ink == null ? BARE : ink;
        float width = (float) (around ? pen.width() : USUAL_WIDTH * em);
        if (drawn >= LINE) {
            out.add(new PaintOp.Stroke(new PaintOp.Fill(outline, own, (float) line), width));
            return;
        }
        for (Contours.Contour contour : contours.of(outline)) {
            float length = (float) (contour.length() * drawn / LINE);
            out.add(new PaintOp.Stroke(new PaintOp.Fill(contour.outline(), own, (float) line), width, length));
        }
    }
}
