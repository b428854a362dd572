package knollwind.server.project;

/** A project's newest document cannot be read. */
public final class DamagedException extends RuntimeException {
    DamagedException(String reason, Throwable cause) {
        super(
                "The newest state of this project cannot be read: " + reason
                        + ". In the list of projects you can go back to its last good state.",
                cause);
    }
}
