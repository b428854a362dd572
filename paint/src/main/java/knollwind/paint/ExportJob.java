package knollwind.paint;

import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;

/**
 * What an export worker is told.
 *
 * @param scene id or name
 * @param format id or name
 * @param frame the frame of a still; ignored otherwise
 */
public record ExportJob(
        Project project, String scene, String format, ExportKind kind, int frame, boolean transparent, String file) {
    /** The export that the job describes. */
    public Export export() {
        Scene found = project.scene(scene);
        SceneScore score = SceneScore.of(project, found, found.format(format), new Typesetter(new FontLibrary()));
        boolean still = kind == ExportKind.PNG;
        return new Export(score, kind, still ? frame : 0, still ? frame + 1 : found.length(), transparent);
    }
}
