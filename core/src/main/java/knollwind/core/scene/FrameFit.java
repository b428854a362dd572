package knollwind.core.scene;

/**
 * How the frame that a scene is measured in, here the base frame, lies inside a format's: as large as it goes, in the middle. So a
 * composition holds together in every frame shape before anything is changed for it.
 *
 * @param scale px of the format for one px of the base frame; 1 in a format of its size
 * @param left px of the format where the base frame's left edge lies
 * @param top px of the format where the base frame's top edge lies
 * @param width of the format's whole frame, in px of the base frame
 * @param height of the format's whole frame, in px of the base frame
 */
public record FrameFit(double scale, double left, double top, double width, double height) {
    /** The fit of a scene's format. */
    public static FrameFit of(Scene scene, Format format) {
        Measure base = scene.measured();
        double scale = Math.min((double) format.width() / base.width(), (double) format.height() / base.height());
        return new FrameFit(
                scale,
                (format.width() - base.width() * scale) / 2,
                (format.height() - base.height() * scale) / 2,
                format.width() / scale,
                format.height() / scale);
    }

    /** A place across, in px of the base frame; hundredths are those of the format's own frame. */
    public double across(Length length, double em, double line) {
        return place(length, em, line, width, left);
    }

    /** A place down, in px of the base frame; hundredths are those of the format's own frame. */
    public double down(Length length, double em, double line) {
        return place(length, em, line, height, top);
    }

    private double place(Length length, double em, double line, double frame, double edge) {
        double pixels = length.pixels(em, line, frame);
        return length.unit() == Length.Unit.FRAME ? pixels - edge / scale : pixels;
    }
}
