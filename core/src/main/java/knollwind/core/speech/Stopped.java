package knollwind.core.speech;

/** Listening that was stopped by whoever asked for it: its thread is interrupted. */
public final class Stopped extends IllegalArgumentException {
    public Stopped() {
        super("listening was stopped");
    }

    /** Asked for now and then by what takes long. */
    public static void check() {
        if (Thread.currentThread().isInterrupted()) {
            throw new Stopped();
        }
    }
}
