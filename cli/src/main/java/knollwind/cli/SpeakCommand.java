package knollwind.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import knollwind.core.speech.Script;
import knollwind.core.speech.WordLines;
import knollwind.voice.MadeVoice;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes a stand-in recording of a script. */
@Command(
        name = "speak",
        mixinStandardHelpOptions = true,
        description =
                "Make a stand-in recording of a script by a speech maker of this machine, and print its words with their exact"
                        + " times as lines of JSON.")
final class SpeakCommand implements Callable<Integer> {
    @Parameters(paramLabel = "SCRIPT", description = "what is to be said, as plain text in UTF-8")
    private Path text;

    @Option(
            names = "--voice",
            defaultValue = "slt",
            description = "slt, rms, awb, en-gb, en-us, de, nb or fr-fr; ${DEFAULT-VALUE}")
    private String voice;

    @Option(names = "--speed", defaultValue = "160", description = "words a minute, 80 to 260; ${DEFAULT-VALUE}")
    private double speed;

    @Option(names = "--out", required = true, description = "file to write, ending in .wav")
    private Path out;

    @Override
    public Integer call() throws IOException, InterruptedException {
        String script = Files.readString(text, StandardCharsets.UTF_8);
        Script.of(script);
        Texts.OUT.print(WordLines.write(MadeVoice.of(voice).say(script, speed, out)));
        Texts.OUT.flush();
        return 0;
    }
}
