package knollwind.core.dressing;

import knollwind.core.display.DisplayList;

/** A kind of dressing: how it is said, and what it makes of what it is put on. One file each. */
public sealed interface DressKind
        permits Bend,
                Bulge,
                Channels,
                Cloth,
                Glow,
                Grid,
                InnerShadow,
                Lines,
                LongShadow,
                Mirror,
                Ripple,
                Rough,
                Shadow,
                Sheen,
                Slices,
                Stack,
                Wake,
                Wave,
                Window {
    /** By which documents know it; taken for ever. */
    String name();

    /** What it is called where it is chosen. */
    String label();

    Phrase phrase();

    /** What is painted in place of what it is put on. */
    DisplayList dress(Wearer wearer, Worn worn);

    /** Frames that it looks back. */
    default double back(Worn worn) {
        return 0;
    }

    /** Whether it changes by itself, so that nothing of it rests. */
    default boolean isMoving(Worn worn) {
        return false;
    }

    /** How many times it paints what it is put on. */
    default double copies(Worn worn) {
        return 1;
    }
}
