package knollwind.server.project;

/** Something asked for that is not there. */
public final class MissingException extends RuntimeException {
    public MissingException(String message) {
        super(message);
    }
}
