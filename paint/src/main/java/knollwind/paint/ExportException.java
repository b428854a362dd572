package knollwind.paint;

/** An export that could not be made, with a message for people. */
public final class ExportException extends RuntimeException {
    public ExportException(String message) {
        super(message);
    }

    public ExportException(String message, Throwable cause) {
        super(message, cause);
    }
}
