package knollwind.server.export;

import jakarta.annotation.PreDestroy;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import knollwind.paint.ExportWorker;
import org.springframework.stereotype.Component;

/**
 * Runs {@link ExportWorker} in a JVM of its own, so that a fault in native code ends an export and not the server. When the
 * server dies, the worker's input closes and it ends too. One that has made its files is given further ones: it has loaded and
 * compiled what a new one would have to load and compile again.
 */
@Component
final class RenderProcess implements Renderer {
    /** So long after it was cancelled an export may go on. */
    private static final int CANCEL_POLL_MS = 250;

    /** Jobs of one JVM: whatever it should lose of its memory is given back then. */
    private static final int MOST_JOBS = 50;

    private final Deque<Child> idle = new ConcurrentLinkedDeque<>();

    @Override
    public Outcome run(String job, BooleanSupplier cancel, IntConsumer progress)
            throws IOException, InterruptedException {
        Child child = takeIdle();
        boolean whole = false;
        try {
            Outcome outcome = child.run(job, cancel, progress);
            whole = outcome.done() && child.jobs < MOST_JOBS;
            return outcome;
        } finally {
            if (whole) {
                idle.push(child);
            } else {
                child.end();
            }
        }
    }

    private Child takeIdle() throws IOException {
        for (Child child = idle.poll(); child != null; child = idle.poll()) {
            if (child.process.isAlive()) {
                return child;
            }
            child.end();
        }
        return new Child();
    }

    @PreDestroy
    void endAll() {
        for (Child child = idle.poll(); child != null; child = idle.poll()) {
            child.end();
        }
    }

    /** A JVM that makes files. */
    private static final class Child {
        private final Process process;
        private final OutputStream in;
        private final BlockingQueue<String> lines;
        private int jobs;

        Child() throws IOException {
            process = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-Xmx1g",
                            "-cp",
                            System.getProperty("java.class.path"),
                            ExportWorker.class.getName()))
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            in = process.getOutputStream();
            lines = listen(process);
        }

        Outcome run(String job, BooleanSupplier cancel, IntConsumer progress) throws IOException, InterruptedException {
            jobs++;
            say(job);
            boolean asked = false;
            while (true) {
                String line = lines.poll(CANCEL_POLL_MS, TimeUnit.MILLISECONDS);
                if (!asked && cancel.getAsBoolean()) {
                    asked = true;
                    say("cancel");
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
        }

        private void say(String line) throws IOException {
            try {
                in.write((line + "\n").getBytes(StandardCharsets.UTF_8));
                in.flush();
            } catch (IOException e) {
                if (process.isAlive()) {
                    throw e;
                }
                // Its end is told by its output.
            }
        }

        void end() {
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly();
            try {
                in.close();
            } catch (IOException e) {
                // The pipe broke with the process.
            }
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
                    } catch (IOException | UncheckedIOException e) {
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
