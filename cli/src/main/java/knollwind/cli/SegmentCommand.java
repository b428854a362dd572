package knollwind.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.type.Segmenter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Prints where texts may be cut. */
@Command(
        name = "segment",
        mixinStandardHelpOptions = true,
        description = "For each line of a file, print the UTF-16 boundaries of its characters, words (UAX #29) or line "
                + "break opportunities (UAX #14), as one JSON object a line.")
final class SegmentCommand implements Callable<Integer> {
    @Option(names = "--by", required = true, description = "character, word or line")
    private Segmenter.By by;

    @Option(names = "--texts", required = true, description = "file of texts, one a line; \\uXXXX is understood")
    private Path texts;

    @Option(names = "--language", defaultValue = "en-GB", description = "BCP 47 tag, ${DEFAULT-VALUE} if left out")
    private String language;

    @Override
    public Integer call() throws Exception {
        for (String text : Texts.lines(texts)) {
            Map<String, Object> result = new LinkedHashMap<>();
            result.put("text", text);
            result.put("boundaries", Segmenter.boundaries(text, by, language));
            Texts.print(result);
        }
        Texts.OUT.flush();
        return 0;
    }
}
