package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;

/**
 * The stretch [from, to) of a scene that is lengthened or shortened when the scene is made longer or shorter where it stands.
 *
 * @param from scene frame
 * @param to scene frame
 * @param reading characters a second at which a version's words are read in it, so that it holds as long as that takes; null for as long as
 *     it is
 * @param voice true where it lasts in versions until their voices have been heard; null otherwise
 */
public record Hold(int from, int to, Double reading, Boolean voice) {
    /** As long as it is in all versions. */
    public Hold(int from, int to) {
        this(from, to, null, null);
    }

    /** As long as it takes to read. */
    public Hold(int from, int to, Double reading) {
        this(from, to, reading, null);
    }

    /** The same until another frame. */
    public Hold until(int end) {
        return new Hold(from, end, reading, voice);
    }

    @JsonCreator
    public Hold {
        voice = Block.onlyTrue(voice);
        if (reading != null && voice != null) {
            throw new IllegalArgumentException(
                    "a hold is as long as it takes to read, or as long as its voices; not both");
        }
        if (reading != null) {
            Check.range(reading, 1, 200, "the reading speed of a hold");
        }
        Check.range(from, 0, 1_000_000, "the start of a hold");
        Check.range(to, from + 1, 1_000_001, "the end of a hold");
    }
}
