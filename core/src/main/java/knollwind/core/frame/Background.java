package knollwind.core.frame;

import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;

/** What lies behind all blocks of a scene. Immutable; safe for threads. */
public final class Background {
    private final Format format;
    private final Box frame;
    private final Outline outline;
    private final FillPaint coat;

    public Background(Project project, Scene scene, Format format) {
        this.format = format;
        this.frame = new Box(0, 0, format.width(), format.height());
        this.outline = Outline.rectangle(frame);
        this.coat = FillPaint.of(scene.background(), scene.rate(), nested -> FillPaint.Still.NOTHING);
    }

    /** What is painted at a time in scene frames. */
    public DisplayList at(double time) {
        DisplayList.Builder out = new DisplayList.Builder();
        coat.at(time, frame).ifPresent(ink -> out.add(new PaintOp.Fill(outline, ink, 1)));
        return out.build();
    }

    /** True when two times look alike. */
    boolean rests(double from, double to) {
        return coat.rests(from, to);
    }

    Format format() {
        return format;
    }
}
