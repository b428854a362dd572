package knollwind.server.project;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A revision that was kept to come back to. */
@Entity
@Table(name = "kept_state")
class KeptStateEntity {
    @Id
    UUID id;

    String projectId;
    long revision;
    String name;
    boolean byHand;
    String scene;
    int frame;
    byte[] picture;
    Instant keptAt;
}
