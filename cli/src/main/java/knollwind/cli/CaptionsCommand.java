package knollwind.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.function.Function;
import knollwind.core.caption.CaptionFile;
import knollwind.core.caption.CaptionForm;
import knollwind.core.caption.Captioned;
import knollwind.core.caption.Captioner;
import knollwind.core.caption.ScriptFile;
import knollwind.core.caption.WebVtt;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.scene.CaptionRules;
import knollwind.core.speech.SpokenWord;
import knollwind.core.speech.WordLines;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes captions of words, or writes captions in another form. */
@Command(
        name = "captions",
        mixinStandardHelpOptions = true,
        description = "Make captions of words by rules, or write captions in another form.")
final class CaptionsCommand implements Callable<Integer> {
    @Parameters(
            paramLabel = "IN",
            description = "captions (.srt, .vtt, .csv), or words with their times (.TextGrid, or lines of JSON)")
    private Path in;

    @Option(names = "--to", required = true, description = "srt, vtt, csv, textgrid or txt")
    private String to;

    @Option(
            names = "--rules",
            description =
                    "a sentence such as \"of at most 20 characters on one line, each 0.7 to 2.5 seconds, never over 16"
                            + " characters a second\", or \"for broadcast\", which is usual")
    private String rules;

    @Option(
            names = "--rate",
            defaultValue = "25",
            description = "frames a second, for gaps in frames; ${DEFAULT-VALUE}")
    private double rate;

    @Option(names = "--word-times", description = "in vtt, the time of each word inside its caption")
    private boolean wordTimes;

    @Option(names = "--out", description = "file to write; standard output if left out")
    private Path out;

    @Override
    public Integer call() throws IOException {
        CaptionForm form = CaptionForm.of(to);
        String name = in.getFileName().toString().toLowerCase(Locale.ROOT);
        Function<byte[], CaptionFile> reader = ScriptFile.CAPTIONS.get(name.substring(name.lastIndexOf('.') + 1));
        if (wordTimes && form != CaptionForm.VTT) {
            throw new IllegalArgumentException("--word-times are written in vtt alone");
        }
        CaptionFile file = reader == null ? null : reader.apply(Files.readAllBytes(in));
        String text = file == null ? made(form, words(name)) : given(form, file);
        if (out == null) {
            Texts.OUT.print(text);
            Texts.OUT.flush();
        } else {
            Files.writeString(out, text);
        }
        return 0;
    }

    private String given(CaptionForm form, CaptionFile file) {
        file.mended().forEach(CaptionsCommand::say);
        if (rules == null && !wordTimes) {
            return form.write(file.captions());
        }
        if (file.words().isEmpty()) {
            throw new IllegalArgumentException((wordTimes ? "--word-times are those" : "--rules make captions")
                    + " of words; " + in.getFileName() + " holds captions, whose words have no times of their own");
        }
        return made(form, file.words());
    }

    /** A file of no known ending holds words as lines of JSON. */
    private List<SpokenWord> words(String name) throws IOException {
        byte[] content = Files.readAllBytes(in);
        return name.endsWith(".textgrid")
                ? ScriptFile.words(name, content)
                : WordLines.read(new String(content, StandardCharsets.UTF_8));
    }

    private String made(CaptionForm form, List<SpokenWord> words) {
        CaptionRules kept = rules == null
                ? CaptionRuleWords.BROADCAST
                : CaptionRuleWords.read(rules, CaptionRuleWords.BROADCAST, rate);
        Captioned made = Captioner.make(words, kept);
        made.broken().forEach(CaptionsCommand::say);
        return wordTimes ? WebVtt.write(made, words) : form.write(made.captions());
    }

    private static void say(String what) {
        System.err.println("knollwind: " + what);
    }
}
