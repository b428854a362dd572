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
    static final String QUEUED = "queued";
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

    boolean isOver() {
        return state.equals(DONE) || state.equals(FAILED) || state.equals(CANCELLED);
    }
}
