package knollwind.server.files;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A file that projects use, named by its content. */
@Entity
@Table(name = "asset")
class AssetEntity {
    @Id
    String sha256;

    String name;
    UUID fileId;
}
