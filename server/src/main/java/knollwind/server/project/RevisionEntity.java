package knollwind.server.project;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/**
 * A saved revision: the patch that makes it of the one before, and the one that takes it back. Both are missing where a whole
 * document was put in the place of another; there are snapshots on both sides then.
 */
@Entity
@Table(name = "revision")
class RevisionEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String projectId;
    long number;
    String changeId;

    /** SHA-256 of the patch as it was sent; null for revisions from before it was kept. */
    String fingerprint;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    String patch;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    String inverse;

    Instant savedAt;
}
