package knollwind.server.project;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A project's whole document at one of its revisions. */
@Entity
@Table(name = "snapshot")
@IdClass(SnapshotEntity.Key.class)
class SnapshotEntity {
    /** Which document it is. */
    record Key(String projectId, long number) implements Serializable {}

    @Id
    String projectId;

    @Id
    long number;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    String document;
}
