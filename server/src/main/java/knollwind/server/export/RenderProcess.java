package knollwind.server.export;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import knollwind.paint.ExportWorker;
import org.springframework.stereotype.Component;

/**
 * Runs {@link ExportWorker} in a JVM of its own, so that a fault in native code ends an export and not the server. When the
 * server dies, the worker's input closes and it ends too.
 */
@Component
final class RenderProcess implements Renderer {
    /** So long after it was cancelled an export may go on. */
    private static final int CANCEL_POLL_MS = 250;

    @Override
    public Outcome run(String job, BooleanSupplier cancel, IntConsumer progress)
            throws IOException, InterruptedException {
        Process process = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx1g",
                        "-cp",
                        System.getProperty("java.class.path"),
                        ExportWorker.class.getName()))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (OutputStream in = process.getOutputStream()) {
            in.write((job + "\n").getBytes(StandardCharsets.UTF_8));
            in.flush();
            BlockingQueue<String> lines = listen(process);
            boolean asked = false;
            while (true) {
                String line = lines.poll(CANCEL_POLL_MS, TimeUnit.MILLISECONDS);
                if (!asked && cancel.getAsBoolean()) {
                    asked = true;
                    in.write("cancel\n".getBytes(StandardCharsets.UTF_8));
                    in.flush();
                }
                if (line == null) {
                    continue;
                }
                Outcome outcome = outcome(line);
                if (outcome != null) {
                    return outcome;
                }
                String[] words = line.split(" ");
                if (words.length == 2 && words[0].equals("progress")) {
                    progress.accept(Integer.parseInt(words[1]));
                }
            }
        } finally {
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly();
        }
    }

    private static Outcome outcome(String line) {
        if (line.equals("done")) {
            return new Outcome(true, false, "");
        }
        if (line.equals("cancelled")) {
            return new Outcome(false, true, "");
        }
        if (line.startsWith("failed ")) {
            return new Outcome(false, false, line.substring("failed ".length()));
        }
        if (line.equals("ended")) {
            return new Outcome(false, false, "The export's process ended without a word. Try again.");
        }
        return null;
    }

    private static BlockingQueue<String> listen(Process process) {
        BlockingQueue<String> lines = new LinkedBlockingQueue<>();
        Thread reader = new Thread(
                () -> {
                    try (BufferedReader out = process.inputReader(StandardCharsets.UTF_8)) {
                        out.lines().forEach(lines::add);
                    } catch (IOException | java.io.UncheckedIOException e) {
                        // The end of the stream is what counts.
                    }
                    lines.add("ended");
                },
                "render-reader");
        reader.setDaemon(true);
        reader.start();
        return lines;
    }
}
