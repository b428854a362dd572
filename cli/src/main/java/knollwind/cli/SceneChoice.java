package knollwind.cli;

import java.nio.file.Path;
import java.util.function.Function;
import knollwind.core.frame.Film;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.sound.Recording;
import knollwind.core.type.FontLibrary;
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

    @Option(
            names = "--pictures",
            paramLabel = "FOLDER",
            description = "folder of the picture files that the document shows; \"pictures\" beside it if left out")
    Path pictures;

    @Option(
            names = "--sounds",
            paramLabel = "FOLDER",
            description = "folder of the sound files that the document plays; \"sounds\" beside it if left out")
    Path sounds;

    @Mixin
    FontFiles fonts;

    private FontLibrary library;

    private FontLibrary library() throws java.io.IOException {
        if (library == null) {
            library = fonts.library();
        }
        return library;
    }

    /** Picture files by the SHA-256 of what is painted of them, and frames of films. */
    Function<String, byte[]> pictures() throws java.io.IOException {
        FontLibrary library = library();
        PictureFolder known = new PictureFolder(pictures == null ? document.resolveSibling("pictures") : pictures);
        return id -> library.picture(id).orElseGet(() -> known.file(id));
    }

    /** Recordings by the SHA-256 of their files. */
    Function<String, Recording> recordings() throws java.io.IOException {
        return new SoundFolder(sounds == null ? document.resolveSibling("sounds") : sounds)::recording;
    }

    Project project() throws java.io.IOException {
        return Texts.project(document);
    }

    Scene scene(Project project) {
        if (project.scenes().isEmpty()) {
            throw new IllegalArgumentException("the project has no scene");
        }
        return scene == null ? project.scenes().get(0) : project.scene(scene);
    }

    Film film(Project project) throws java.io.IOException {
        return Film.of(
                project,
                scene(project)
                        .format(format == null ? scene(project).formats().get(0).id() : format)
                        .id(),
                new Typesetter(library()));
    }

    SceneScore score(Project project, Scene scene) throws java.io.IOException {
        return SceneScore.of(
                project,
                scene,
                format == null ? scene.formats().get(0) : scene.format(format),
                new Typesetter(library()));
    }
}
