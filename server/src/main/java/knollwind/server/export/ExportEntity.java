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
