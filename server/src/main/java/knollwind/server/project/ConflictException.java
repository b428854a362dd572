package knollwind.server.project;

import tools.jackson.databind.JsonNode;

/** A save that builds on a revision that is no longer the newest. */
public final class ConflictException extends RuntimeException {
    private final long revision;
    private final JsonNode document;

    ConflictException(long revision, JsonNode document) {
        super("This project was changed elsewhere (it is at revision " + revision
                + "). Load it anew and make the change again.");
        this.revision = revision;
        this.document = document;
    }

    /** The newest revision. */
    public long revision() {
        return revision;
    }

    /** The newest document. */
    public JsonNode document() {
        return document;
    }
}
