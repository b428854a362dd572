package knollwind.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import knollwind.core.filling.UsedFiles;
import knollwind.core.frame.Grain;
import knollwind.core.frame.SceneScore;
import knollwind.core.frame.SceneSequence;
import knollwind.core.layout.Materials;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.sound.Envelopes;
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
        PictureFolder known = new PictureFolder(picturesFolder());
        return id -> library.picture(id).or(() -> Grain.picture(id)).orElseGet(() -> known.file(id));
    }

    /** Recordings by the SHA-256 of their files. */
    Function<String, Recording> recordings() throws java.io.IOException {
        return new SoundFolder(soundsFolder())::recording;
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

    SceneSequence film(Project project) throws java.io.IOException {
        return SceneSequence.of(project, format(scene(project)), materials());
    }

    SceneScore score(Project project, Scene scene) throws java.io.IOException {
        return SceneScore.of(project, scene, format(scene), materials());
    }

    SceneScore score(Project project, Scene scene, Format shown) throws java.io.IOException {
        return SceneScore.of(project, scene, scene.format(shown.id()), materials());
    }

    private Materials materials() throws java.io.IOException {
        return new Materials(new Typesetter(library()), Envelopes.listening(recordings()));
    }

    private Format format(Scene scene) {
        return format == null ? scene.formats().get(0) : scene.format(format);
    }

    /**
     * Says which pictures, films and, where they are heard, sounds are not where they are looked for. Without a picture nothing is
     * painted; without a sound the film is made, and it is said on the error output.
     *
     * @param scenes that are to be painted
     * @throws IllegalArgumentException with the names of the pictures that are missing and where to put them
     */
    void checkFiles(Project project, List<Scene> scenes, boolean heard) throws java.io.IOException {
        UsedFiles used = UsedFiles.of(project, scenes);
        FontLibrary shipped = library();
        PictureFolder pictures = new PictureFolder(picturesFolder());
        SoundFolder sounds = new SoundFolder(soundsFolder());
        List<String> missing = new ArrayList<>();
        used.pictures().forEach((sha256, name) -> {
            if (!pictures.has(sha256) && shipped.picture(sha256).isEmpty()) {
                missing.add("the picture \u201c" + name + "\u201d is not in " + picturesFolder());
            }
        });
        used.films().forEach((sha256, name) -> {
            if (!pictures.has(sha256)) {
                missing.add("the film \u201c" + name + "\u201d is not in " + picturesFolder());
            }
        });
        if (heard) {
            used.sounds().forEach((sha256, name) -> {
                if (!sounds.has(sha256)) {
                    System.err.println("knollwind: the sound \u201c" + name + "\u201d is not in " + soundsFolder()
                            + ", so it is not heard. Put its file there, or name its folder with --sounds");
                }
            });
        }
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException(
                    String.join("; ", missing) + ". Put the files there, or name their folder with --pictures");
        }
    }

    private Path picturesFolder() {
        return pictures == null ? document.resolveSibling("pictures") : pictures;
    }

    private Path soundsFolder() {
        return sounds == null ? document.resolveSibling("sounds") : sounds;
    }
}
