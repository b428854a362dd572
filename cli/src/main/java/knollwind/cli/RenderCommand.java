package knollwind.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.frame.CaptionTrack;
import knollwind.core.frame.Footage;
import knollwind.core.scene.Project;
import knollwind.paint.CaptionsIn;
import knollwind.paint.EncoderCommand;
import knollwind.paint.Export;
import knollwind.paint.ExportKind;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Makes a video or an image sequence. */
@Command(
        name = "render",
        mixinStandardHelpOptions = true,
        description = "Render a scene: .webm (VP9, with alpha), .mp4 (H.264) or .zip (PNG stills with alpha).")
final class RenderCommand implements Callable<Integer> {
    @Mixin
    private SceneChoice choice;

    @Option(
            names = "--out",
            required = true,
            description = "file to write, ending in .webm, .mp4 or .zip; given again, several are made of one painting")
    private List<Path> out;

    @Option(names = "--transparent", description = "leave the scene's background out")
    private boolean transparent;

    @Option(names = "--film", description = "all scenes, one after the other, as they cross over")
    private boolean film;

    @Option(
            names = "--captions",
            defaultValue = "picture",
            description = "picture: dressed, part of it; tracks: plain, inside a video; nowhere. ${DEFAULT-VALUE}")
    private CaptionsIn captions;

    @Option(names = "--from", description = "first frame; the first of all when left out")
    private Integer from;

    @Option(names = "--to", description = "frame after the last; the end when left out")
    private Integer to;

    @Option(names = "--quiet", description = "print no progress")
    private boolean quiet;

    @Override
    public Integer call() throws Exception {
        List<ExportKind> kinds = out.stream()
                .map(file -> ExportKind.ofFile(file.getFileName().toString()))
                .toList();
        Project project = choice.project();
        choice.checkFiles(
                project,
                film ? project.ownScenes() : List.of(choice.scene(project)),
                kinds.stream().anyMatch(ExportKind::isHeard));
        Footage footage = footage(captions == CaptionsIn.PICTURE ? project : CaptionCopies.withoutRows(project));
        List<CaptionTrack> tracks =
                captions == CaptionsIn.TRACKS ? footage(project).captions() : List.of();
        boolean still = kinds.get(0).isStill();
        if (still && to != null) {
            throw new IllegalArgumentException("a still is one frame, that of --from; leave --to out");
        }
        int first = from == null ? 0 : from;
        int end = still ? first + 1 : to == null ? footage.length() : to;
        int total = end - first;
        new Export(footage, first, end, transparent, choice.pictures(), choice.recordings(), tracks)
                .write(
                        out.stream().map(Path::toAbsolutePath).toList(),
                        EncoderCommand.ffmpeg(),
                        done -> {
                            if (!quiet && (done == total || done % 24 == 0)) {
                                System.err.println("frame " + done + " of " + total);
                            }
                        },
                        () -> false);
        return 0;
    }

    private Footage footage(Project project) throws java.io.IOException {
        return film ? choice.film(project) : choice.score(project, choice.scene(project));
    }
}
