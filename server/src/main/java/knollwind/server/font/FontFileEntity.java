package knollwind.server.font;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A font file that someone brought along. */
@Entity
@Table(name = "font_file")
class FontFileEntity {
    @Id
    String sha256;

    String name;
    UUID fileId;
    Instant addedAt;
}
