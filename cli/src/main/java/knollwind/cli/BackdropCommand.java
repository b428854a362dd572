package knollwind.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import knollwind.paint.EncoderCommand;
import knollwind.paint.backdrop.Backdrop;
import knollwind.paint.backdrop.BackdropFilm;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes a video file of a backdrop. */
@Command(
        name = "backdrop",
        mixinStandardHelpOptions = true,
        description = "Make a moving backdrop (.mp4) that repeats without a seam.")
final class BackdropCommand implements Callable<Integer> {
    @Parameters(paramLabel = "NAME", description = "harbour-lights, lamp-on-water, rain-on-the-quay or fog-banks")
    private String name;

    @Option(names = "--out", required = true, description = "file to write, ending in .mp4")
    private Path out;

    @Option(
            names = "--size",
            description = "width x height, even numbers; 960x540 if left out",
            defaultValue = "960x540")
    private String size;

    @Option(names = "--frames", description = "frames of one turn; 192 if left out", defaultValue = "192")
    private int frames;

    @Override
    public Integer call() throws Exception {
        Backdrop backdrop = Backdrop.named(name);
        if (!size.matches("\\d{2,4}x\\d{2,4}") || size.matches(".*[13579](x.*)?")) {
            throw new IllegalArgumentException("--size is a width and a height, both even, such as 960x540");
        }
        if (frames < 2 || frames > 3600) {
            throw new IllegalArgumentException("--frames must be 2 to 3600, not " + frames);
        }
        String[] sides = size.split("x");
        new BackdropFilm(backdrop, Integer.parseInt(sides[0]), Integer.parseInt(sides[1]), frames, 24)
                .write(out.toAbsolutePath(), EncoderCommand.ffmpeg());
        return 0;
    }
}
