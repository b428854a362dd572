package knollwind.server.files;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How loud a kept recording is, once something has asked for it. */
@Entity
@Table(name = "sound_envelope")
class EnvelopeEntity {
    @Id
    String sha256;

    byte[] envelope;
}
