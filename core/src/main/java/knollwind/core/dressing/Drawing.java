package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Contours;

/**
 * How lines are drawn along outlines.
 *
 * @param drawn of every contour, 0 to 1
 * @param dash px of the outline; 0 for a whole line
 * @param gap px between two dashes
 * @param sharp whether corners and ends are cut square
 */
record Drawing(double drawn, double dash, double gap, boolean sharp) {
    static final Drawing WHOLE = new Drawing(1, 0, 0, false);

    boolean isWhole() {
        return drawn >= 1 && dash == 0;
    }

    List<PaintOp> strokes(PaintOp.Fill fill, float width) {
        if (drawn >= 1) {
            List<Float> dashes = dash > 0 ? List.of((float) dash, (float) gap) : List.of();
            return List.of(new PaintOp.Stroke(fill, width, dashes, sharp));
        }
        List<PaintOp> strokes = new ArrayList<>();
        for (Contours.Contour contour : Contours.split(fill.outline())) {
            float far = (float) (contour.length() * drawn);
            PaintOp.Fill line = new PaintOp.Fill(contour.outline(), fill.ink(), fill.opacity());
            // A whole line is one dash as long as it is drawn.
            float each = dash > 0 ? (float) dash : far;
            strokes.add(new PaintOp.Stroke(line, width, PaintOp.Stroke.dashes(far, each, (float) gap), sharp));
        }
        return strokes;
    }
}
