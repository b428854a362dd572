package knollwind.core.scene;

/**
 * The template that a scene was taken from.
 *
 * @param template its id
 * @param revision that the scene was taken from, or last followed, from 1 on
 * @param use what is put before the ids of scenes, blocks and fields that were taken in one go; null where these kept their ids
 * @param scene id of the scene in the template
 */
public record Origin(String template, long revision, String use, String scene) {
    public Origin {
        Check.id(template, "a template");
        Check.range(revision, 1, Long.MAX_VALUE, "the revision of a template");
        if (use != null) {
            Check.id(use, "the use of a template");
        }
        Check.id(scene, "a scene of a template");
    }

    /** Whether two scenes were taken in one go. */
    public boolean isOfOneUse(Origin other) {
        return other != null
                && template.equals(other.template)
                && (use == null ? other.use == null : use.equals(other.use));
    }
}
