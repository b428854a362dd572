package knollwind.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.concurrent.Callable;
import knollwind.core.display.Reel;
import knollwind.core.display.ReelJson;
import knollwind.core.display.ReelWriter;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.ReelBuilder;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes a reel, the form in which the browser gets frames. */
@Command(
        name = "reel",
        mixinStandardHelpOptions = true,
        description = "Write the display lists of a stretch of frames, as .reel (binary) or .json (to read).")
final class ReelCommand implements Callable<Integer> {
    @Mixin
    private SceneChoice choice;

    @Option(names = "--from", defaultValue = "0", description = "first frame")
    private int from;

    @Option(names = "--to", description = "frame after the last; the scene's end if left out")
    private Integer to;

    @Option(names = "--out", required = true, description = "file to write, ending in .reel or .json")
    private Path out;

    @Override
    public Integer call() throws Exception {
        Project project = choice.project();
        SceneScore score = choice.score(project, choice.scene(project));
        int end = to == null ? score.scene().length() : to;
        if (from < 0 || end <= from) {
            throw new IllegalArgumentException("--to must lie after --from");
        }
        Reel reel = ReelBuilder.build(score, from, end);
        if (out.toString().endsWith(".json")) {
            Files.writeString(out, DocumentJson.pretty(ReelJson.dump(reel)));
        } else {
            Files.write(out, ReelWriter.write(reel, Set.of()));
        }
        return 0;
    }
}
