package knollwind.core.type;

import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.PaintMode;
import io.github.humbleui.skija.PaintStrokeJoin;
import io.github.humbleui.skija.Path;
import knollwind.core.geometry.Outline;

/** The outline of a line drawn along another outline, so that painters need to fill only. */
public final class StrokeOutline {
    private StrokeOutline() {}

    /**
     * A line of this width in px, half of it on either side; corners are mitred up to four widths.
     *
     * @throws IllegalArgumentException for a width not above 0
     */
    public static Outline of(Outline along, double width) {
        if (!(width > 0)) {
            throw new IllegalArgumentException("the width of a stroke must lie above 0, not " + width);
        }
        try (Path path = GlyphOutlines.path(along);
                Paint paint = new Paint()
                        .setMode(PaintMode.STROKE)
                        .setStrokeWidth((float) width)
                        .setStrokeJoin(PaintStrokeJoin.MITER)
                        .setStrokeMiter(4);
                Path filled = paint.getFillPath(path)) {
            return GlyphOutlines.of(filled);
        }
    }
}
