package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;

/**
 * A named moment of a scene.
 *
 * @param at scene frame
 * @param sound id of the sound of which it is a moment, and with which it is moved; null for none
 */
public record Cue(String id, String name, Rational at, String sound) {
    /** A moment of no sound. */
    public Cue(String id, String name, Rational at) {
        this(id, name, at, null);
    }

    @JsonCreator
    public Cue {
        if (sound != null) {
            Check.id(sound, "the sound of a cue");
        }
        Check.id(id, "a cue");
        Check.text(name, 60, "the name of a cue");
        Check.present(at, "the time of a cue");
        Check.range(at.value(), -1_000_000, 1_000_000, "the frame of a cue");
    }
}
