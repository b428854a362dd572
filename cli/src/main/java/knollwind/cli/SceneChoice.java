package knollwind.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import knollwind.paint.PictureFile;
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

    @Mixin
    FontFiles fonts;

    private FontLibrary library;

    private FontLibrary library() throws java.io.IOException {
        if (library == null) {
            library = fonts.library();
        }
        return library;
    }

    /** Picture files by the SHA-256 of what is painted of them. */
    Function<String, byte[]> pictures() throws java.io.IOException {
        FontLibrary library = library();
        Path folder = pictures == null ? document.resolveSibling("pictures") : pictures;
        Map<String, byte[]> known = new HashMap<>();
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.sorted().toList()) {
                    byte[] content = Files.readAllBytes(file);
                    known.put(Texts.sha256(content), content);
                    byte[] png = PictureFile.read(content).png();
                    known.put(Texts.sha256(png), png);
                }
            }
        }
        return id -> library.picture(id).orElseGet(() -> known.get(id));
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

    SceneScore score(Project project, Scene scene) throws java.io.IOException {
        return SceneScore.of(
                project,
                scene,
                format == null ? scene.formats().get(0) : scene.format(format),
                new Typesetter(library()));
    }
}
