package knollwind.voice;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.sound.Recording;
import knollwind.core.sound.SpeechSamples;
import knollwind.core.speech.Aligned;
import knollwind.core.speech.Drafter;
import knollwind.core.speech.Stopped;

/** Drafts English with Debian's recogniser, which runs on this machine in a process of its own. */
final class PocketDrafter implements Drafter {
    /** A word, its two seconds, and how sure it is. */
    private static final Pattern WORD =
            Pattern.compile("(\\S+) (\\d+\\.\\d+) (\\d+\\.\\d+) (\\d(?:\\.\\d+)?(?:e-\\d+)?)");

    /** Words under this are to be listened to first. */
    private static final double SURE = 0.5;

    private final String command;

    /** @param command what the recogniser is called on this machine */
    PocketDrafter(String command) {
        this.command = command;
    }

    /** Whether it can be run. */
    boolean isThere() {
        return command.contains("/")
                ? Files.isExecutable(Path.of(command))
                : List.of(System.getenv().getOrDefault("PATH", "").split(":")).stream()
                        .anyMatch(folder -> Files.isExecutable(Path.of(folder, command)));
    }

    @Override
    public Aligned draft(Recording recording, long frames) throws IOException {
        Path samples = Files.createTempFile("knollwind-draft-", ".raw");
        Path heard = Files.createTempFile("knollwind-draft-", ".txt");
        Process process = null;
        try {
            try (InputStream in = new SpeechSamples(recording, frames)) {
                Files.copy(in, samples, StandardCopyOption.REPLACE_EXISTING);
            }
            process = new ProcessBuilder(command, "-infile", samples.toString(), "-time", "yes", "-logfn", "/dev/null")
                    .redirectOutput(heard.toFile())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (process.waitFor() != 0) {
                throw new IllegalArgumentException("the recogniser failed; install it anew with:"
                        + " apt-get install pocketsphinx pocketsphinx-en-us");
            }
            return read(Files.readString(heard, StandardCharsets.UTF_8));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Stopped();
        } finally {
            if (process != null) {
                process.destroyForcibly();
            }
            Files.deleteIfExists(samples);
            Files.deleteIfExists(heard);
        }
    }

    /** What it wrote: of each stretch between pauses its words, in the marks that begin and end it. */
    static Aligned read(String heard) {
        List<Aligned.Word> words = new ArrayList<>();
        boolean begins = true;
        for (String line : heard.lines().toList()) {
            Matcher word = WORD.matcher(line);
            if (!word.matches()) {
                continue;
            }
            String text = word.group(1).replaceAll("\\(\\d+\\)$", "");
            if (text.equals("</s>") && !words.isEmpty()) {
                Aligned.Word last = words.remove(words.size() - 1);
                String ended = last.text().endsWith(".") ? last.text() : last.text() + ".";
                words.add(new Aligned.Word(ended, last.start(), last.end(), last.sure(), last.doubt()));
                begins = true;
            }
            // Silence and noises stand in marks.
            if (text.matches("[<\\[+].*")) {
                continue;
            }
            String written = begins || text.matches("i('.*)?")
                    ? text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1)
                    : text;
            begins = false;
            double start = Double.parseDouble(word.group(2));
            double sure = Math.min(1, Double.parseDouble(word.group(4)));
            words.add(new Aligned.Word(
                    written,
                    start,
                    Math.max(start + 0.01, Double.parseDouble(word.group(3))),
                    sure,
                    sure < SURE ? Aligned.TAKEN_FOR : null));
        }
        if (words.isEmpty()) {
            throw new IllegalArgumentException("no English words are heard in this recording");
        }
        return new Aligned(words, List.of(), List.of(), false);
    }
}
