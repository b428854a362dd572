package knollwind.paint;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import knollwind.core.document.DocumentJson;

/**
 * The main program of the exports' own JVM. It reads jobs, each a line of JSON, from its input and prints lines for each: {@code
 * progress FRAMES}, then {@code done}, {@code cancelled} or {@code failed MESSAGE}. It gives up what it makes when its input
 * says {@code cancel}, and ends when that is closed, so it never outlives the server that started it.
 */
public final class ExportWorker {
    private static final String CANCEL = "cancel";

    /** In the place of a job: there are no more. */
    private static final String END = "";

    private final BlockingQueue<String> jobs = new LinkedBlockingQueue<>();
    private final AtomicBoolean cancelled = new AtomicBoolean();
    private final PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);

    private ExportWorker() {}

    public static void main(String[] arguments) throws InterruptedException {
        ExportWorker worker = new ExportWorker();
        worker.listen();
        for (String job = worker.jobs.take(); !job.equals(END); job = worker.jobs.take()) {
            worker.make(job);
        }
        System.exit(0);
    }

    private void make(String line) {
        cancelled.set(false);
        try {
            ExportJob job = DocumentJson.read(DocumentJson.tree(line), ExportJob.class);
            boolean done =
                    job.make(EncoderCommand.ffmpeg(), frames -> out.println("progress " + frames), cancelled::get);
            out.println(done ? "done" : "cancelled");
        } catch (IOException | RuntimeException e) {
            out.println("failed " + String.valueOf(e.getMessage()).replace("\n", " · "));
        }
    }

    private void listen() {
        Thread listener = new Thread(
                () -> {
                    try (BufferedReader in =
                            new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))) {
                        for (String line = in.readLine(); line != null; line = in.readLine()) {
                            if (line.equals(CANCEL)) {
                                cancelled.set(true);
                            } else {
                                jobs.add(line);
                            }
                        }
                    } catch (IOException e) {
                        // A broken pipe means the same as a closed one.
                    }
                    cancelled.set(true);
                    jobs.add(END);
                },
                "jobs");
        listener.setDaemon(true);
        listener.start();
    }
}
