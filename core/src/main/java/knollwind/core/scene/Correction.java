package knollwind.core.scene;

import java.util.List;

/**
 * What a version has of its own in one scene: in all its formats, or in one of them alone.
 *
 * @param scene id of the scene whose blocks they are values of
 * @param format id of the format in which they hold; null for all of them
 * @param values within one list later ones win; what does not fit any more is kept, passed over, and told
 */
public record Correction(String id, String scene, String format, List<Filling> values) {
    public Correction {
        Check.id(id, "a correction");
        Check.id(scene, "the scene of a correction");
        if (format != null) {
            Check.id(format, "the format of a correction");
        }
        values = Check.list(values);
        Check.uniqueIds(values, Filling::id, "corrected values");
        if (format != null && values.stream().anyMatch(Filling::isOfWords)) {
            throw new IllegalArgumentException(
                    "a format of a version has no words of its own: words are those of the version");
        }
    }

    /** The id of what a version has of its own in a scene, in one of its formats or, without one, in all. */
    public static String idOf(String scene, String format) {
        return Filling.shortened(format == null ? scene : scene + "." + format);
    }
}
