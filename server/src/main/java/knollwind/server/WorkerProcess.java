package knollwind.server;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Runs a small program of ours in a JVM of its own, for files that strangers made: what breaks native code breaks that one. */
public final class WorkerProcess {
    /** A file that has not been opened by then never will be. */
    private static final int PATIENCE_SECONDS = 60;

    private WorkerProcess() {}

    /** What the program printed; nothing when it did not end in time. */
    public static String run(Class<?> program, Path folder, String... arguments)
            throws IOException, InterruptedException {
        Path answer = Files.createTempFile(folder, "worker-", ".answer");
        try {
            List<String> command = new ArrayList<>(List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-Xmx768m",
                    "-XX:TieredStopAtLevel=1",
                    "-XX:-CreateCoredumpOnCrash",
                    "-XX:ErrorFile=/dev/null",
                    "-cp",
                    System.getProperty("java.class.path"),
                    program.getName()));
            command.addAll(List.of(arguments));
            Process process = new ProcessBuilder(command)
                    .redirectOutput(answer.toFile())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            boolean ended = process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS);
            process.destroyForcibly();
            return ended ? Files.readString(answer, StandardCharsets.UTF_8) : "";
        } finally {
            Files.deleteIfExists(answer);
        }
    }
}
