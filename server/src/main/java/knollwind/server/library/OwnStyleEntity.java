package knollwind.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A style that somebody kept. */
@Entity
@Table(name = "own_style")
class OwnStyleEntity {
    @Id
    UUID id;

    String name;

    @JdbcTypeCode(SqlTypes.JSON)
    String style;

    Instant savedAt;
}
