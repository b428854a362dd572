package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;

/**
 * The stretch [from, to) of a scene that is lengthened or shortened when the scene is made longer or shorter where it stands.
 *
 * @param from scene frame
 * @param to scene frame
 * @param reading characters a second at which a version's words are read in it, so that it holds as long as that takes; null for as long as
 *     it is
 */
public record Hold(int from, int to, Double reading) {
    /** As long as it is in all versions. */
    public Hold(int from, int to) {
        this(from, to, null);
    }

    @JsonCreator
    public Hold {
        if (reading != null) {
            Check.range(reading, 1, 200, "the reading speed of a hold");
        }
        Check.range(from, 0, 1_000_000, "the start of a hold");
        Check.range(to, from + 1, 1_000_001, "the end of a hold");
    }
}
