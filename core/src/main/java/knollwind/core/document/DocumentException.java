package knollwind.core.document;

/** A document, or part of one, that cannot be read: where and why. */
public final class DocumentException extends IllegalArgumentException {
    private final String path;
    private final String reason;

    public DocumentException(String path, String reason, Throwable cause) {
        super(path.isEmpty() ? reason : path + ": " + reason, cause);
        this.path = path;
        this.reason = reason;
    }

    /** Names joined by slashes, ids inside lists; empty for the whole. */
    public String path() {
        return path;
    }

    public String reason() {
        return reason;
    }
}
