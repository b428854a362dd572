package knollwind.server.project;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A project with its newest document. The document is kept as text, so that what was saved is what is read. */
@Entity
@Table(name = "project")
class ProjectEntity {
    @Id
    String id;

    String name;
    long revision;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    String document;

    Instant createdAt;
    Instant updatedAt;
    Instant deletedAt;
}
