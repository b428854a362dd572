package knollwind.core.scene;

/**
 * The frame in whose pixels the lengths of a scene are counted.
 *
 * @param width px, as of a format
 * @param height px, as of a format
 */
public record Measure(int width, int height) {
    public Measure {
        Format.size(width, height, "a frame");
    }

    static Measure of(Format format) {
        return new Measure(format.width(), format.height());
    }
}
