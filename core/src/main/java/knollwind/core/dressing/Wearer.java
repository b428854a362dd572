package knollwind.core.dressing;

import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Union;
import knollwind.core.scene.Beats;
import knollwind.core.scene.UnitKind;

/** What is dressed, as the dressings before have left it. All px are those of its lists. */
public interface Wearer {
    /** As it is now. */
    DisplayList now();

    /** The same as it stands, however much of it is uncovered, where it is to be dressed so. */
    DisplayList shape();

    /** The same as it stands, however much of it is uncovered. */
    DisplayList whole();

    /** As it was so many frames ago, where it was then; below 0 as it will be. Nothing while it is not on. */
    DisplayList ago(double frames);

    /** As it was so many frames ago, brought to where it is now. */
    DisplayList agoHere(double frames);

    /** When it is, in seconds of its scene. */
    double seconds();

    /** The frame of its scene that is nearest to that: the pictures that a blurred frame is the mean of lie around its own time. */
    int frame();

    /** Another block as it is now, dressed with what needs no others; empty where it is gone or none is meant. */
    Optional<DisplayList> beside();

    /** Frames of the scene in a second. */
    double perSecond();

    /** What its scene counts time by; empty without a tempo. */
    Optional<Beats> beats();

    /** Frames of the scene at which it has cues, rising; empty where they are not asked for. */
    List<Double> cues();

    /** Frames since it came on, in parts too. */
    double age();

    /** Whole frames since it came on. */
    int since();

    /** Whole frames from when it comes on until it begins to leave. */
    int leaves();

    /** Frames until it is gone. */
    double left();

    /** Around its words or its shape at rest. */
    Box box();

    /** Around each of its letters at rest, or around its shape. */
    List<Box> letters();

    /** What is seen of the scene. */
    Box scene();

    /** Type size. */
    double em();

    /** One px of the base format. */
    double px();

    /** What the dressing is worn with so many frames ago; below 0 as it will be. */
    Worn wornAgo(double frames);

    /** Each of its units by itself. */
    List<Wearer> units(UnitKind kind);

    /** Its letters at rest, or its shape. */
    List<Union.Placed> outlines();

    /** What is seen of the scene from where the block came on. */
    Box sceneAtFirst();

    /** Another block as it was when this one came on, as {@link #beside} has it. */
    Optional<DisplayList> besideAtFirst();
}
