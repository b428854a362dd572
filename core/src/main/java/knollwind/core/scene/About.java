package knollwind.core.scene;

/**
 * What is said of a project where it is chosen as a template.
 *
 * @param note what it is for, and what whoever uses it should know; null for nothing
 * @param scene id of the scene that its cover shows; null for the first
 * @param frame of that scene, as the cover shows it; null for its middle
 */
public record About(String note, String scene, Integer frame) {
    /** Characters of a note. */
    public static final int LONGEST = 2000;

    public About {
        if (note != null) {
            Check.text(note, LONGEST, "the note of a template");
        }
        if (scene != null) {
            Check.id(scene, "the scene of a cover");
        }
        if (frame != null) {
            Check.range(frame, 0, Scene.LONGEST, "the frame of a cover");
        }
    }
}
