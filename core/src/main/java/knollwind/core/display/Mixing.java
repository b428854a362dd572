package knollwind.core.display;

/**
 * How colours are mixed with those beneath them, as Compositing and Blending Level 1 of the W3C defines it, on encoded sRGB values. Their
 * order is that of their codes in reels, which are taken for ever.
 */
public enum Mixing {
    NORMAL,
    PLUS_LIGHTER,
    MULTIPLY,
    SCREEN,
    OVERLAY,
    DARKEN,
    LIGHTEN,
    COLOR_DODGE,
    COLOR_BURN,
    HARD_LIGHT,
    SOFT_LIGHT,
    DIFFERENCE,
    EXCLUSION,
    HUE,
    SATURATION,
    COLOR,
    LUMINOSITY;

    /** The mode with this code. */
    static Mixing of(int code) {
        if (code < 0 || code >= values().length) {
            throw new IllegalArgumentException("the reel holds the unknown mixing " + code);
        }
        return values()[code];
    }
}
