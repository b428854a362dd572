package knollwind.voice;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.speech.SpokenWord;
import knollwind.core.speech.WordLines;

/** Voices that Debian's speech makers can speak with, for work before the real one is recorded. */
public enum MadeVoice {
    SLT("flite", "slt", "a woman, American"),
    RMS("flite", "rms", "a man, American"),
    AWB("flite", "awb", "a man, Scottish"),
    EN_GB("espeak-ng", "en-gb", "a machine, British"),
    EN_US("espeak-ng", "en-us", "a machine, American"),
    DE("espeak-ng", "de", "a machine, German"),
    NB("espeak-ng", "nb", "a machine, Norwegian"),
    FR("espeak-ng", "fr-fr", "a machine, French");

    /** Words a minute, slowest and fastest. */
    public static final double SLOWEST = 80;

    public static final double FASTEST = 260;

    private final String maker;
    private final String voice;
    private final String label;

    MadeVoice(String maker, String voice, String label) {
        this.maker = maker;
        this.voice = voice;
        this.label = label;
    }

    /** What it is called where it is chosen. */
    public String label() {
        return label;
    }

    /** "slt", "en-gb" */
    public String text() {
        return voice;
    }

    /** @throws IllegalArgumentException with the voices there are */
    public static MadeVoice of(String text) {
        return Arrays.stream(values())
                .filter(one -> one.voice.equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no voice '" + text + "'; there are "
                        + Arrays.stream(values()).map(MadeVoice::text).collect(Collectors.joining(", "))));
    }

    SpeechMaker maker() {
        return maker.equals("flite") ? new Flite() : new EspeakNg();
    }

    /**
     * Speaks a script, in a process of its own.
     *
     * @param perMinute words a minute, about
     * @param wav the file to write
     * @return the words with their exact times
     * @throws IllegalArgumentException when the maker is not installed, or fails
     */
    public List<SpokenWord> say(String script, double perMinute, Path wav) throws IOException, InterruptedException {
        if (!(perMinute >= SLOWEST && perMinute <= FASTEST)) {
            throw new IllegalArgumentException(
                    "a voice speaks from " + (int) SLOWEST + " to " + (int) FASTEST + " words a minute");
        }
        Path answer = Files.createTempFile("knollwind-said-", ".jsonl");
        try {
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-Xmx256m",
                            "-XX:TieredStopAtLevel=1",
                            "-XX:-CreateCoredumpOnCrash",
                            "-XX:ErrorFile=/dev/null",
                            "-cp",
                            System.getProperty("java.class.path"),
                            SpeakMain.class.getName(),
                            voice,
                            Double.toString(perMinute),
                            wav.toString())
                    .redirectOutput(answer.toFile())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            try (OutputStream in = process.getOutputStream()) {
                in.write(script.getBytes(StandardCharsets.UTF_8));
            }
            if (process.waitFor() != 0) {
                throw new IllegalArgumentException("the voice '" + voice + "' cannot speak here; install it with:"
                        + " apt-get install " + (maker.equals("flite") ? "flite" : "espeak-ng"));
            }
            return WordLines.read(Files.readString(answer));
        } finally {
            Files.deleteIfExists(answer);
        }
    }
}
