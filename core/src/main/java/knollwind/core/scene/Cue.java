package knollwind.core.scene;

/**
 * A named moment of a scene.
 *
 * @param at scene frame
 */
public record Cue(String id, String name, Rational at) {
    public Cue {
        Check.id(id, "a cue");
        Check.text(name, 60, "the name of a cue");
        Check.present(at, "the time of a cue");
        Check.range(at.value(), -1_000_000, 1_000_000, "the frame of a cue");
    }
}
