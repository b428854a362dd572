package knollwind.server.font;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A face in a font file. */
@Entity
@Table(name = "font_face")
class FontFaceEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    String sha256;
    int position;
    boolean italic;
    String family;
}
