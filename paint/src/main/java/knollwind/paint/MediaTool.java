package knollwind.paint;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * Calls of ffmpeg and ffprobe for files that people bring in: they may open nothing but the one file that they are given.
 *
 * @param what the file is meant to be, for messages
 * @param containers kinds of file that hold all of it themselves; lists of other files are none of them
 */
record MediaTool(String what, String containers) {
    /** Longer than the longest recording takes on a slow machine; what takes longer does not end. */
    private static final int PATIENCE_SECONDS = 180;

    /** The arguments before the file's name that keep a call to it. */
    List<String> guarded() {
        return List.of("-protocol_whitelist", "file", "-format_whitelist", containers, "-max_alloc", "1073741824");
    }

    /**
     * What a call prints.
     *
     * @param folder for its output while it runs
     * @throws IllegalArgumentException with the reason when it fails or takes too long
     */
    String call(Path folder, List<String> command) throws IOException, InterruptedException {
        Path out = Files.createTempFile(folder, "said-", ".out");
        Path err = Files.createTempFile(folder, "said-", ".err");
        try {
            Process process = new ProcessBuilder(command)
                    .redirectOutput(out.toFile())
                    .redirectError(err.toFile())
                    .start();
            boolean ended = process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS);
            process.destroyForcibly();
            if (!ended) {
                throw new IllegalArgumentException("the " + what + " takes more than " + PATIENCE_SECONDS
                        + " s to unpack. Make a smaller or shorter one of it first");
            }
            if (process.exitValue() != 0) {
                throw new IllegalArgumentException("this is no " + what + " that ffmpeg can read: " + reason(err));
            }
            return Files.readString(out, StandardCharsets.UTF_8);
        } finally {
            Files.deleteIfExists(out);
            Files.deleteIfExists(err);
        }
    }

    /** The last thing ffmpeg said, without paths of this machine. */
    private static String reason(Path said) throws IOException {
        String text = new String(Files.readAllBytes(said), StandardCharsets.UTF_8).strip();
        String last = text.substring(text.lastIndexOf('\n') + 1).replaceAll("\\S*/\\S+/(\\S*)", "$1");
        return last.isEmpty() ? "it gives no reason" : last.substring(0, Math.min(200, last.length()));
    }
}
