package knollwind.paint;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.atomic.AtomicBoolean;
import knollwind.core.document.DocumentJson;

/**
 * The main program of an export's own JVM. It reads one job as a line of JSON from its input and prints lines: {@code
 * progress FRAMES}, then {@code done}, {@code cancelled} or {@code failed MESSAGE}. It gives up when its input is
 * closed or says {@code cancel}, so it never outlives the server that started it.
 */
public final class ExportWorker {
    private ExportWorker() {}

    public static void main(String[] arguments) throws IOException {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        try {
            ExportJob job = DocumentJson.read(DocumentJson.tree(in.readLine()), ExportJob.class);
            AtomicBoolean cancelled = watch(in);
            boolean done =
                    job.make(EncoderCommand.ffmpeg(), frames -> out.println("progress " + frames), cancelled::get);
            out.println(done ? "done" : "cancelled");
        } catch (RuntimeException e) {
            out.println("failed " + String.valueOf(e.getMessage()).replace("\n", " · "));
        }
        System.exit(0);
    }

    private static AtomicBoolean watch(BufferedReader in) {
        AtomicBoolean cancelled = new AtomicBoolean();
        Thread watcher = new Thread(
                () -> {
                    try {
                        in.readLine();
                    } catch (IOException e) {
                        // A broken pipe means the same as a closed one.
                    }
                    cancelled.set(true);
                },
                "cancel-watch");
        watcher.setDaemon(true);
        watcher.start();
        return cancelled;
    }
}
