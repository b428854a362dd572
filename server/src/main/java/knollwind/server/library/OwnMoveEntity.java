package knollwind.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Moves that somebody saved. */
@Entity
@Table(name = "own_move")
class OwnMoveEntity {
    @Id
    UUID id;

    String name;
    String note;
    String phase;

    @JdbcTypeCode(SqlTypes.JSON)
    String moves;

    Instant savedAt;
}
