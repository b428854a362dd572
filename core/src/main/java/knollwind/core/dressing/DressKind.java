package knollwind.core.dressing;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.display.DisplayList;

/** A kind of dressing: how it is said, and what it makes of what it is put on. One file each. */
public abstract sealed class DressKind
        permits Bend,
                Bulge,
                Channels,
                Cloth,
                ContactShadow,
                Disturbance,
                Flight,
                Glow,
                Grid,
                InnerShadow,
                Lines,
                LongShadow,
                Matte,
                Mirror,
                Mix,
                Ripple,
                Rough,
                Shadow,
                Sheen,
                SignLight,
                Slices,
                Sparkle,
                SparkTrail,
                Stack,
                Texture,
                Wake,
                Wave,
                Weight,
                Window {
    private final String name;
    private final String label;
    private final Phrase phrase;

    /**
     * @param name by which documents know it; taken for ever
     * @param label what it is called where it is chosen
     * @param phrase how it is said, with all that it has
     */
    DressKind(String name, String label, Phrase phrase) {
        this.name = name;
        this.label = label;
        this.phrase = phrase;
    }

    public final String name() {
        return name;
    }

    public final String label() {
        return label;
    }

    public final Phrase phrase() {
        return phrase;
    }

    /** What is painted in place of what it is put on. */
    public abstract DisplayList dress(Wearer wearer, Worn worn);

    /** What of it is dragged in the picture, as it is worn. */
    public List<Grip> grips(Worn worn) {
        return List.of();
    }

    /**
     * How hard its letters are to read while they stand, for what moves their outlines: 0 where they are untouched, up to 1 where they stay
     * readable; empty for all others.
     *
     * @param em type size, px of the base format
     */
    OptionalDouble strain(Worn worn, double em) {
        return OptionalDouble.empty();
    }

    /** Frames that it looks back. */
    public double back(Worn worn) {
        return 0;
    }

    /** Frames that it looks ahead. */
    public double ahead(Worn worn) {
        return 0;
    }

    /**
     * Whether it changes by itself, so that nothing of it rests.
     *
     * @param since frames since the block came on
     * @param left frames until it is gone
     */
    public boolean isMoving(Worn worn, double since, double left) {
        return false;
    }

    /** What is to be known of its values; empty where there is nothing. */
    public String note() {
        return "";
    }

    /** Whether it is put on all letters together and on nothing less. */
    public boolean isOnAll() {
        return false;
    }

    /** Whether it can be made of the letters as they stand while they are still uncovered. */
    public boolean canStand() {
        return false;
    }

    /** How many times it paints what it is put on. */
    public double copies(Worn worn) {
        return 1;
    }
}
