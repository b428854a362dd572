package knollwind.cli;

import java.nio.file.Path;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.Typesetter;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The document, scene and format that a command works on. */
final class SceneChoice {
    @Parameters(paramLabel = "SCENE.json", description = "a project's document")
    Path document;

    @Option(names = "--scene", description = "name or id; the first scene if left out")
    String scene;

    @Option(names = "--format", description = "name or id; the scene's first format if left out")
    String format;

    @Mixin
    FontFiles fonts;

    Project project() throws java.io.IOException {
        return Texts.project(document);
    }

    Scene scene(Project project) {
        if (project.scenes().isEmpty()) {
            throw new IllegalArgumentException("the project has no scene");
        }
        return scene == null ? project.scenes().get(0) : project.scene(scene);
    }

    SceneScore score(Project project, Scene scene) throws java.io.IOException {
        return SceneScore.of(
                project,
                scene,
                format == null ? scene.formats().get(0) : scene.format(format),
                new Typesetter(fonts.library()));
    }
}
