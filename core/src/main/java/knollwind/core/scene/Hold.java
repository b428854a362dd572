package knollwind.core.scene;

/**
 * The stretch [from, to) of a scene that is lengthened or shortened when the scene is made longer or shorter where it stands.
 *
 * @param from scene frame
 * @param to scene frame
 */
public record Hold(int from, int to) {
    public Hold {
        Check.range(from, 0, 1_000_000, "the start of a hold");
        Check.range(to, from + 1, 1_000_001, "the end of a hold");
    }
}
