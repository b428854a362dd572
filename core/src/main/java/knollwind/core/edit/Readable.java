package knollwind.core.edit;

import java.util.stream.Stream;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Value;

/** Which colour words can be read in on a ground. */
final class Readable {
    private static final String LIGHT = "#f4ead2";
    private static final String DARK = "#13283a";

    private Readable() {}

    /**
     * The light colour, or the dark one where it stands out more: by the contrast of WCAG 2.2, at the middle of a gradient's
     * colours. Of a picture, a film, another scene and no ground nothing is known; there it is the light one.
     */
    static String on(Fill ground) {
        double level = Stream.concat(
                        ground.oneColour().flatMap(Value::literal).stream(),
                        ground.colourStops().stream().map(Fill.Stop::colour))
                .mapToDouble(Readable::luminance)
                .average()
                .orElse(0);
        return contrast(level, luminance(DARK)) > contrast(level, luminance(LIGHT)) ? DARK : LIGHT;
    }

    private static double contrast(double one, double other) {
        return (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05);
    }

    /** Relative luminance, 0 to 1. */
    private static double luminance(String colour) {
        int argb = Colour.argb(colour);
        return 0.2126 * linear(argb >> 16 & 255) + 0.7152 * linear(argb >> 8 & 255) + 0.0722 * linear(argb & 255);
    }

    private static double linear(int value) {
        double part = value / 255.0;
        return part <= 0.04045 ? part / 12.92 : StrictMath.pow((part + 0.055) / 1.055, 2.4);
    }
}
