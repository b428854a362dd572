package knollwind.server.project;

/** Something asked for that is not there. */
public final class MissingException extends RuntimeException {
    /** What is said of a project that is not there, by its id. */
    static final String GONE = "There is no project '%s'. It may have been deleted.";

    public MissingException(String message) {
        super(message);
    }
}
