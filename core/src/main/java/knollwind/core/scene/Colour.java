package knollwind.core.scene;

/** sRGB colours as {@code #rrggbb} or {@code #rrggbbaa}, lower case, straight (not premultiplied) alpha. */
public final class Colour {
    private Colour() {}

    /** The colour unchanged; anything but #rrggbb or #rrggbbaa is refused. */
    public static String check(String colour) {
        if (colour == null || !colour.matches("#[0-9a-f]{6}([0-9a-f]{2})?")) {
            throw new IllegalArgumentException("a colour is written #rrggbb or #rrggbbaa in lower case, not " + colour);
        }
        return colour;
    }

    /** The colour of 0xAARRGGBB as it is written. */
    public static String of(int argb) {
        String rgb = String.format("#%06x", argb & 0xffffff);
        return argb >>> 24 == 255 ? rgb : rgb + String.format("%02x", argb >>> 24);
    }

    /** The colour as 0xAARRGGBB. */
    public static int argb(String colour) {
        check(colour);
        int rgb = Integer.parseInt(colour.substring(1, 7), 16);
        int alpha = colour.length() == 9 ? Integer.parseInt(colour.substring(7), 16) : 255;
        return alpha << 24 | rgb;
    }
}
