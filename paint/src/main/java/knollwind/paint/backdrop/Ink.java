package knollwind.paint.backdrop;

/** The few colours that backdrops are printed in, 0xRRGGBB. */
final class Ink {
    static final int DEEP = 0x0b1a26;
    static final int NIGHT = 0x13283a;
    static final int DUSK = 0x1b3a52;
    static final int SEA = 0x28506a;
    static final int HAZE = 0x3f6b84;
    static final int LAMP = 0xf0b64a;

    private Ink() {}
}
