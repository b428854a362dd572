package knollwind.server.files;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A file that is kept: its content in {@link FileChunk}s, or in the shared folder. */
@Entity
@Table(name = "stored_file")
public class StoredFile {
    @Id
    UUID id;

    String mediaType;
    long size;
    String sha256;
    Instant createdAt;
    /** Its name in the shared folder; null where its content is in the database. */
    String place;

    public UUID id() {
        return id;
    }

    public String mediaType() {
        return mediaType;
    }

    public long size() {
        return size;
    }

    public String sha256() {
        return sha256;
    }
}
