package knollwind.core.frame;

import knollwind.core.frame.Level.Pen;
import knollwind.core.type.Outline;

/** Letters whose contour is being drawn: first the line grows, then the letter fills and the line goes. */
final class Drawn {
    /** Of the way, how far until the whole contour is drawn. */
    private static final double LINE = 0.7;
    /** Where filling begins. */
    private static final double FILLS = 0.55;
    /** Where the line begins to go. */
    private static final double GOES = 0.85;
    /** em, where nothing else is said. */
    private static final double USUAL_WIDTH = 0.018;

    private Drawn() {}

    /** @param em type size in px */
    static void glyph(
            DisplayList.Builder out, Outline outline, Ink ink, double alpha, Pen pen, double em, Contours contours) {
        double drawn = pen.drawn();
        double filled = Math.max(0, Math.min(1, (drawn - FILLS) / (1 - FILLS)));
        if (filled > 0) {
            out.add(new Paint.Fill(outline, ink, (float) (alpha * filled)));
        }
        boolean around = pen.width() > 0;
        double line = around ? alpha : alpha * Math.min(1, (1 - drawn) / (1 - GOES));
        if (line <= 0 || drawn <= 0) {
            return;
        }
        Ink own = around && pen.argb() != 0 ? new Ink.Plain(pen.argb()) : ink;
        float width = (float) (around ? pen.width() : USUAL_WIDTH * em);
        if (drawn >= LINE) {
            out.add(new Paint.Stroke(new Paint.Fill(outline, own, (float) line), width, -1));
            return;
        }
        for (Contours.Contour contour : contours.of(outline)) {
            float length = (float) (contour.length() * drawn / LINE);
            out.add(new Paint.Stroke(new Paint.Fill(contour.outline(), own, (float) line), width, length));
        }
    }
}
