package knollwind.core.dressing;

import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Union;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Drive;
import knollwind.core.scene.Only;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;

/** A block that can be painted at any time. */
public interface Body {
    /** What values are at a time. */
    interface Values {
        double number(Value<Double> value, double time);

        String colour(Value<String> value, double time);
    }

    /**
     * Some of its letters, in its own px; nothing where it is not on.
     *
     * @param uncut however much of them is uncovered
     */
    DisplayList at(double time, Part part, boolean uncut);

    /** How many letters it has. */
    int count();

    /** The letters that are meant. */
    Part part(Only only);

    /** Those of each of its units. */
    List<Part> parts(UnitKind kind);

    /** How far what a number goes by has happened, 0 to 1. */
    double level(Drive drive, Part part, double time);

    /** Scene frames of its cues, rising; empty where none are asked for. */
    List<Double> cues();

    /** Maps its own px at a time to those of the frame. */
    Matrix place(double time);

    /** Around some of its letters at rest, in its own px. */
    Box box(Part part);

    /** Around each of them at rest, or around its shape, in its own px. */
    List<Box> letters(Part part);

    /** Some of its letters at rest, or its shape, in its own px. */
    List<Union.Placed> outlines(Part part);

    /** Another block of the scene at a time, in the frame's px; empty where there is none of this id. */
    Optional<DisplayList> beside(String id, double time);

    /** Scene frame at which it came on. */
    double on();

    /** Scene frame at which it begins to leave. */
    double leaves();

    /** Scene frame at which it is gone. */
    double off();

    /** Type size in its own px. */
    double em();

    /** Of its own that are one px of the base format. */
    double px();

    /** What is seen of the scene, in the frame's px. */
    Box scene();

    /** What the scene counts time by. */
    Clock clock();
}
