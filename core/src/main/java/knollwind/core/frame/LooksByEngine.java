package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.Typesetter;

/** Where a project looks different by the newest rules from what it looks like by those that it was made by. */
public final class LooksByEngine {
    /** Frames from one that is looked at to the next: a difference that shows for less is one of a few frames. */
    private static final int STEP = 4;

    private LooksByEngine() {}

    /**
     * A scene that looks different.
     *
     * @param scene id
     * @param format id of the first format in which it does
     * @param frame in the middle of those in which it does
     */
    public record Difference(String scene, String format, int frame) {}

    /** The scenes that look different, in order; none where the project keeps to the newest rules. */
    public static List<Difference> of(Project project, Typesetter typesetter) {
        if (project.engineVersion().equals(Project.ENGINE_VERSION)) {
            return List.of();
        }
        Project before = Filler.plain(project);
        Project after = before.withEngineVersion(Project.ENGINE_VERSION);
        List<Difference> differences = new ArrayList<>();
        for (Scene scene : before.scenes()) {
            scene.formats().stream()
                    .flatMap(format -> in(before, after, scene, format, typesetter).stream())
                    .findFirst()
                    .ifPresent(differences::add);
        }
        return differences;
    }

    private static Optional<Difference> in(
            Project before, Project after, Scene scene, Format format, Typesetter typesetter) {
        SceneScore one = SceneScore.of(before, scene, format, typesetter);
        SceneScore other = SceneScore.of(after, after.scene(scene.id()), format, typesetter);
        int[] different = IntStream.iterate(0, frame -> frame < scene.length(), frame -> frame + STEP)
                .filter(frame -> !one.at(frame, true).equals(other.at(frame, true)))
                .toArray();
        return different.length == 0
                ? Optional.empty()
                : Optional.of(new Difference(scene.id(), format.id(), different[different.length / 2]));
    }
}
