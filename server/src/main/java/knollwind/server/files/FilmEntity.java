package knollwind.server.files;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A film whose frames are kept. */
@Entity
@Table(name = "film")
class FilmEntity {
    @Id
    String sha256;

    String name;
    int width;
    int height;
    int frames;
    int rateNumerator;
    int rateDenominator;
    UUID fileId;
}
