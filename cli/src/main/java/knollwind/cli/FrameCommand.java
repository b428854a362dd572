package knollwind.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.paint.Export;
import knollwind.paint.ExportKind;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Paints one frame. */
@Command(name = "frame", mixinStandardHelpOptions = true, description = "Paint one frame of a scene as a PNG still.")
final class FrameCommand implements Callable<Integer> {
    @Mixin
    private SceneChoice choice;

    @Option(names = "--at", required = true, description = "frame, counted from 0")
    private int at;

    @Option(names = "--out", required = true, description = "file to write, ending in .png")
    private Path out;

    @Option(names = "--transparent", description = "leave the scene's background out")
    private boolean transparent;

    @Override
    public Integer call() throws Exception {
        ExportKind kind = ExportKind.ofFile(out.getFileName().toString());
        if (!kind.isStill()) {
            throw new IllegalArgumentException("a frame is written as .png");
        }
        Project project = choice.project();
        choice.checkFiles(project, List.of(choice.scene(project)), false);
        SceneScore score = choice.score(project, choice.scene(project));
        new Export(score, at, at + 1, transparent, choice.pictures(), sha256 -> null, List.of())
                .write(List.of(out.toAbsolutePath()), "ffmpeg", done -> {}, () -> false);
        return 0;
    }
}
