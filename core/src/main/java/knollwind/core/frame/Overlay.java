package knollwind.core.frame;

import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.motion.SplitMix64;
import knollwind.core.scene.Finish;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/**
 * What lies over all of a scene. It is laid over plainly, and goes by the frame's number: over each of the pictures that a frame is the mean
 * of, it leaves what it would leave over the mean. Immutable; safe for threads.
 */
public final class Overlay {
    /** px of a frame in which one of the grain is one of the frame. */
    private static final double HIGH = 1080;

    /** Of the way from the middle to the corners: where a vignette begins. */
    private static final float BEGINS = 0.45f;

    private final Format format;
    private final Finish finish;
    private final Outline frame;

    public Overlay(Scene scene, Format format) {
        this.format = format;
        this.finish = scene.finish();
        this.frame = Outline.rectangle(new Box(0, 0, format.width(), format.height()));
    }

    public boolean isEmpty() {
        return finish == null || finish.grain() == 0 && finish.vignette() == 0;
    }

    /** What is painted at a time in scene frames. */
    public DisplayList at(double time) {
        DisplayList.Builder out = new DisplayList.Builder();
        if (isEmpty()) {
            return out.build();
        }
        if (finish.vignette() > 0) {
            out.add(new PaintOp.Fill(frame, vignette(), (float) finish.vignette()));
        }
        if (finish.grain() > 0) {
            grain(out, (long) Math.rint(time));
        }
        return out.build();
    }

    /** True when two times look alike. */
    boolean rests(double from, double to) {
        return isEmpty() || finish.grain() == 0 || Math.rint(from) == Math.rint(to);
    }

    private Ink vignette() {
        float x = format.width() / 2f;
        float y = format.height() / 2f;
        float far = (float) Math.hypot(x, y);
        return new Ink.Radial(x, y, far, new float[] {BEGINS, 0.75f, 1}, new int[] {0, 0x59000000, 0xff000000});
    }

    /** The same picture, laid elsewhere in each frame. */
    private void grain(DisplayList.Builder out, long number) {
        float scale = (float) (Math.min(format.width(), format.height()) / HIGH);
        float side = Grain.SIDE * scale;
        long dealt = SplitMix64.mix(number * 0x9E3779B97F4A7C15L);
        float left = -side * ((dealt >>> 40) & 511) / 512f;
        float top = -side * ((dealt >>> 20) & 511) / 512f;
        for (float y = top; y < format.height(); y += side) {
            for (float x = left; x < format.width(); x += side) {
                Box tile = new Box(x, y, x + side, y + side).inside(frame.ink());
                out.add(new PaintOp.Fill(Outline.rectangle(tile), new Ink.Picture(Grain.ID, scale, scale, x, y), (float)
                        finish.grain()));
            }
        }
    }

    Format format() {
        return format;
    }
}
