package knollwind.server.project;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A project as the list tells of it. Its documents are in snapshots and revisions. */
@Entity
@Table(name = "project")
class ProjectEntity {
    @Id
    String id;

    String name;
    long revision;

    /** Ids of its scenes, in order. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    List<String> scenes;

    int documentVersion;

    /** Why the newest document cannot be read; null when it can. */
    String damage;

    Instant createdAt;
    Instant updatedAt;
    Instant deletedAt;
}
