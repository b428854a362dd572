package knollwind.server.font;

import jakarta.annotation.PostConstruct;
import jakarta.persistence.EntityManager;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.OwnFont;
import knollwind.server.files.FileStore;
import knollwind.server.files.StoredFile;
import knollwind.server.files.UploadKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The faces that people brought along: kept in the database, and in the font library while the server runs. */
@Service
public class OwnFonts {
    private final EntityManager entities;
    private final TransactionTemplate transactions;
    private final FileStore files;
    private final FontCheck check;
    private final FontLibrary library;

    OwnFonts(
            EntityManager entities,
            TransactionTemplate transactions,
            FileStore files,
            FontCheck check,
            FontLibrary library) {
        this.entities = entities;
        this.transactions = transactions;
        this.files = files;
        this.check = check;
        this.library = library;
    }

    @PostConstruct
    void load() {
        all().forEach(library::add);
    }

    /** Every face, oldest first. */
    public List<OwnFont> all() {
        return kept().stream().flatMap(file -> fonts(file).stream()).toList();
    }

    private List<FontFileEntity> kept() {
        return transactions.execute(status -> entities.createQuery(
                        "select f from FontFileEntity f order by f.addedAt, f.sha256", FontFileEntity.class)
                .getResultList());
    }

    private List<OwnFont> fonts(FontFileEntity file) {
        byte[] content = content(file);
        return faces(file.sha256).stream()
                .map(face -> new OwnFont(face.family, face.position, face.italic, file.sha256, content))
                .toList();
    }

    /** Brings faces into the library that have come by way of another program since it was filled. */
    public synchronized void refresh() {
        Set<String> known = library.families().stream()
                .filter(family -> family.kind().equals(FontLibrary.OWN))
                .map(FontFamily::sha256)
                .collect(Collectors.toSet());
        kept().stream()
                .filter(file -> !known.contains(file.sha256))
                .flatMap(file -> fonts(file).stream())
                .forEach(library::add);
    }

    /** A file's content. */
    public Optional<byte[]> content(String sha256) {
        return Optional.ofNullable(transactions.execute(status -> entities.find(FontFileEntity.class, sha256)))
                .map(this::content);
    }

    private byte[] content(FontFileEntity file) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            files.copy(file.fileId, out);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private List<FontFaceEntity> faces(String sha256) {
        return transactions.execute(status -> entities.createQuery(
                        "select f from FontFaceEntity f where f.sha256 = :sha order by f.position",
                        FontFaceEntity.class)
                .setParameter("sha", sha256)
                .getResultList());
    }

    /**
     * Checks a font file and keeps it.
     *
     * @return the names its faces can be chosen by
     * @throws IllegalArgumentException with the reason when it is refused
     */
    public synchronized List<String> add(String name, byte[] content) throws IOException, InterruptedException {
        List<FontCheck.Found> found = check.faces(content);
        String sha256 = transactions.execute(status -> {
            try {
                StoredFile stored = files.store(new ByteArrayInputStream(content), "font/sfnt", UploadKind.FONT.most());
                if (entities.find(FontFileEntity.class, stored.sha256()) != null) {
                    status.setRollbackOnly();
                    return stored.sha256();
                }
                FontFileEntity file = new FontFileEntity();
                file.sha256 = stored.sha256();
                file.name = name.length() > 200 ? name.substring(0, 200) : name;
                file.fileId = stored.id();
                file.addedAt = Instant.now();
                entities.persist(file);
                for (FontCheck.Found one : found) {
                    FontFaceEntity face = new FontFaceEntity();
                    face.sha256 = file.sha256;
                    face.position = one.index();
                    face.italic = one.italic();
                    face.family = one.family();
                    entities.persist(face);
                }
                return file.sha256;
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        return found.stream()
                .map(one -> library.add(new OwnFont(one.family(), one.index(), one.italic(), sha256, content)))
                .toList();
    }

    /** Takes a file away; words set in its faces are shown in another until it is back. */
    synchronized void remove(String sha256) {
        transactions.executeWithoutResult(status -> {
            FontFileEntity file = entities.find(FontFileEntity.class, sha256);
            if (file != null) {
                entities.createQuery("delete from FontFaceEntity f where f.sha256 = :sha")
                        .setParameter("sha", sha256)
                        .executeUpdate();
                entities.remove(file);
                entities.flush();
                entities.createQuery("delete from FileChunk c where c.fileId = :file")
                        .setParameter("file", file.fileId)
                        .executeUpdate();
                entities.remove(entities.find(StoredFile.class, file.fileId));
            }
        });
        library.remove(sha256);
    }
}
