package knollwind.server.files;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A recording whose samples are kept. */
@Entity
@Table(name = "sound")
class SoundEntity {
    @Id
    String sha256;

    String name;
    long frames;
    byte[] waveform;

    UUID fileId;
}
