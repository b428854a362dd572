package knollwind.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.document.DocumentJson;
import knollwind.core.speech.Aligned;
import knollwind.core.speech.Script;
import knollwind.paint.SoundFile;
import knollwind.voice.Aligners;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Finds out when the words of a script are said. */
@Command(
        name = "align",
        mixinStandardHelpOptions = true,
        description =
                "Find out when the words of a script are said in a recording; prints a line of JSON for each word, times in"
                        + " seconds. What differs is told on standard error.")
final class AlignCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "VOICE", description = "any sound that ffmpeg reads")
    private Path voice;

    @Parameters(index = "1", paramLabel = "SCRIPT", description = "what is said in it, as plain text in UTF-8")
    private Path text;

    @Option(
            names = "--language",
            defaultValue = "en",
            description =
                    "of the script, as a language tag; words of others than English are spread by their syllables")
    private String language;

    @Override
    public Integer call() throws IOException {
        Script script = Script.of(Files.readString(text, StandardCharsets.UTF_8));
        try (SoundFile samples = SoundFolder.unpack(voice)) {
            Aligned aligned = Aligners.of(language).align(samples, samples.frames(), script);
            for (Aligned.Word word : aligned.words()) {
                Map<String, Object> line = new LinkedHashMap<>();
                line.put("word", word.text());
                line.put("start", rounded(word.start()));
                line.put("end", rounded(word.end()));
                line.put("sure", word.sure());
                if (word.doubt() != null) {
                    line.put("doubt", word.doubt());
                }
                Texts.OUT.println(DocumentJson.tree(line));
            }
            Texts.OUT.flush();
            tell(aligned);
        }
        return 0;
    }

    private static void tell(Aligned aligned) {
        if (aligned.approximate()) {
            say("these times are approximate: the words were spread over what is said by their syllables");
        }
        if (!aligned.derived().isEmpty()) {
            say("sounds derived from letters: " + String.join(", ", aligned.derived()));
        }
        for (Aligned.Unscripted other : aligned.others()) {
            say(String.format(
                    Locale.ROOT,
                    "from %.2f to %.2f s something is said that the script does not have",
                    other.from(),
                    other.to()));
        }
    }

    private static double rounded(double seconds) {
        return Math.rint(seconds * 1000) / 1000;
    }

    private static void say(String what) {
        System.err.println("knollwind: " + what);
    }
}
