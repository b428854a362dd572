package knollwind.server.export;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Map;
import java.util.UUID;
import knollwind.paint.ExportKind;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A piece of a long film, which is painted by itself and joined with the others when all are there. */
@Entity
@Table(name = "stretch")
class StretchEntity {
    @Id
    UUID id;

    UUID painting;
    int firstFrame;
    /** The frame after its last. */
    int endFrame;

    String state;
    int done;
    int attempts;
    String worker;
    UUID claim;

    /** The picture alone, of each kind of the painting; empty until it is made. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    Map<ExportKind, UUID> files;
}
