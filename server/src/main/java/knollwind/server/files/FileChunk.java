package knollwind.server.files;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** About a megabyte of a stored file. */
@Entity
@Table(name = "file_chunk")
class FileChunk {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    UUID fileId;
    int position;
    byte[] content;
}
