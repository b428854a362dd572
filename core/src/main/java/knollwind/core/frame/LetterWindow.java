package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Depth;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/**
 * The letters of a title as a window that comes nearer until one of them fills the frame: the view goes towards the place that
 * lies deepest inside a letter.
 */
final class LetterWindow {
    private final Outline letters;
    private final Depth into;

    private LetterWindow(Outline letters, Depth into) {
        this.letters = letters;
        this.into = into;
    }

    /**
     * @param glyphs in px of the frame, where they rest
     * @param into which of them fills the frame in the end; below 0 for the one with the most room inside
     * @return null where no letter has an inside
     */
    static LetterWindow of(List<Outline> glyphs, int into) {
        Depth best = into < 0 ? null : Depth.inside(glyphs.get(into)).orElse(null);
        boolean chosen = best != null;
        List<Byte> verbs = new ArrayList<>();
        List<Float> points = new ArrayList<>();
        Box ink = Box.EMPTY;
        for (Outline glyph : glyphs) {
            Depth found = chosen ? null : Depth.inside(glyph).orElse(null);
            best = found != null && (best == null || found.distance() > best.distance()) ? found : best;
            for (byte verb : glyph.verbs()) {
                verbs.add(verb);
            }
            for (float point : glyph.points()) {
                points.add(point);
            }
            ink = ink.union(glyph.ink());
        }
        if (best == null) {
            return null;
        }
        byte[] allVerbs = new byte[verbs.size()];
        for (int i = 0; i < allVerbs.length; i++) {
            allVerbs[i] = verbs.get(i);
        }
        float[] allPoints = new float[points.size()];
        for (int i = 0; i < allPoints.length; i++) {
            allPoints[i] = points.get(i);
        }
        return new LetterWindow(Outline.of(allVerbs, allPoints, ink), best);
    }

    Outline letters() {
        return letters;
    }

    /**
     * How near the window is: scales grow evenly by factors, and the deepest place moves to the middle.
     *
     * @param progress 0 as it rests, 1 where it fills the frame
     */
    Matrix at(double progress, double width, double height) {
        return into.flight(progress, new Box(0, 0, width, height));
    }
}
