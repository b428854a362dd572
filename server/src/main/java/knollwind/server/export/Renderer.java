package knollwind.server.export;

import java.io.IOException;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;

/** Makes the files that a job describes. */
public interface Renderer {
    /** How a run ended. */
    record Outcome(boolean done, boolean cancelled, String message) {}

    /**
     * Runs a job until it ends or is cancelled.
     *
     * @param job as one line of JSON
     * @param progress is told how many frames are done
     */
    Outcome run(String job, BooleanSupplier cancel, IntConsumer progress) throws IOException, InterruptedException;
}
