package knollwind.paint;

import java.io.IOException;

/** An export that could not be made, with a message for people. */
public final class ExportException extends RuntimeException {
    public ExportException(String message) {
        super(message);
    }

    public ExportException(String message, Throwable cause) {
        super(message, cause);
    }

    /** A file that could not be written, with the reason. */
    public static ExportException unwritten(IOException cause) {
        String reason = String.valueOf(cause.getMessage());
        return new ExportException(advice(reason) + "The file could not be written: " + reason, cause);
    }

    /** What to do about a reason that a system or a program of it gives; nothing where that is not known. */
    static String advice(String reason) {
        return reason.contains("No space left") ? "The disk is full; make room and export again. " : "";
    }
}
