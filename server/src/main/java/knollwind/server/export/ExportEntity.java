package knollwind.server.export;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An export that was asked for, with a copy of the document it is made from. */
@Entity
@Table(name = "export")
class ExportEntity {
    private static final int LONGEST_MESSAGE = 8000;

    static final String QUEUED = "queued";
    /** Waits until it is told to go on. */
    static final String PAUSED = "paused";

    static final String RUNNING = "running";
    static final String DONE = "done";
    static final String FAILED = "failed";
    static final String CANCELLED = "cancelled";

    @Id
    UUID id;

    /** Exports that have it in common are made together, of the same frames. */
    UUID painting;

    String projectId;
    String fileName;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    String job;

    String state;
    int done;
    int total;
    int attempts;
    String message;
    boolean cancelAsked;
    UUID fileId;
    /** The version that is made; null for what stands in the project. */
    String rowId;
    /** The state that a version is of; null for what carries its document along. */
    Long revision;
    /** What was ordered together with it; null for one that was ordered by itself. */
    UUID batch;
    /** Name of its format; null for those of before there were versions. */
    String format;

    /** That are painted and encoded for all of the painting's kinds. */
    long pixels;

    Instant createdAt;

    /** When a worker began, the last time; null while it waits. */
    Instant startedAt;

    Instant finishedAt;

    /** Who makes it, or has made it; null while it waits. */
    String worker;
    /** Of whoever began last; a result that comes with another one is not taken. */
    UUID claim;
    /** What is greater is taken first. */
    short priority;
    /** SHA-256 of what a version is made of; null for what is none. */
    String madeOf;

    /** A message that fits. */
    static String cut(String message) {
        return message.substring(0, Math.min(message.length(), LONGEST_MESSAGE));
    }

    boolean isOver() {
        return state.equals(DONE) || state.equals(FAILED) || state.equals(CANCELLED);
    }
}
