package knollwind.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import knollwind.core.document.DocumentJson;
import knollwind.core.sound.BeatFinder;
import knollwind.core.sound.FoundBeats;
import knollwind.paint.SoundFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Finds the tempo and the beats of music. */
@Command(
        name = "beats",
        mixinStandardHelpOptions = true,
        description = "Find the tempo, the beats and the bars of music; prints them as JSON, times in seconds.")
final class BeatsCommand implements Callable<Integer> {
    @Parameters(paramLabel = "MUSIC", description = "any sound that ffmpeg reads")
    private Path music;

    /**
     * What is printed.
     *
     * @param also tempos at which the same could be counted
     * @param steady whether one tempo fits all beats
     */
    private record Printed(
            double bpm, int perBar, boolean steady, List<Double> also, List<Double> beats, List<Double> downbeats) {}

    @Override
    public Integer call() throws IOException {
        try (SoundFile samples = SoundFolder.unpack(music)) {
            FoundBeats found = BeatFinder.find(samples, samples.frames());
            Printed printed = new Printed(
                    rounded(found.perMinute()),
                    found.perBar(),
                    found.steady(),
                    rounded(found.also()),
                    rounded(found.beats()),
                    rounded(found.downbeats()));
            System.out.println(DocumentJson.tree(printed));
        }
        return 0;
    }

    private static List<Double> rounded(List<Double> values) {
        return values.stream().map(BeatsCommand::rounded).toList();
    }

    private static double rounded(double value) {
        return Math.rint(value * 1000) / 1000;
    }
}
