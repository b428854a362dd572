package knollwind.server.files;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import knollwind.server.Settings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Files in PostgreSQL, streamed in and out in chunk rows, so that a file may be larger than memory. A file is stored in one
 * transaction: it is there whole or not at all. What is made may lie in a folder that all machines share instead.
 */
@Service
public class FileStore {
    /** Bytes of a row: little enough to be read at once, and enough that a film has few rows. */
    static final int CHUNK = 1 << 20;

    private final EntityManager entities;
    private final TransactionTemplate transactions;
    private final Settings settings;

    FileStore(EntityManager entities, TransactionTemplate transactions, Settings settings) {
        this.settings = settings;
        this.entities = entities;
        this.transactions = transactions;
    }

    /**
     * Stores the stream's content.
     *
     * @param most largest size in bytes; more is refused
     */
    @Transactional(propagation = Propagation.REQUIRED)
    public StoredFile store(InputStream content, String mediaType, long most) throws IOException {
        StoredFile file = begin(mediaType);
        MessageDigest digest = sha256();
        DigestInputStream in = new DigestInputStream(content, digest);
        int position = 0;
        for (byte[] bytes = in.readNBytes(CHUNK); bytes.length > 0; bytes = in.readNBytes(CHUNK)) {
            if (file.size + bytes.length > most) {
                throw new IllegalArgumentException("the file is larger than the " + (most >> 20) + " MB allowed");
            }
            append(file, position++, bytes);
        }
        file.sha256 = HexFormat.of().formatHex(digest.digest());
        return file;
    }

    /** Stores a file of parts that can each be had by its number. */
    @Transactional(propagation = Propagation.REQUIRED)
    public StoredFile store(Stream<byte[]> parts, String mediaType) {
        StoredFile file = begin(mediaType);
        MessageDigest digest = sha256();
        int position = 0;
        for (byte[] part : (Iterable<byte[]>) parts::iterator) {
            append(file, position++, part);
            digest.update(part);
        }
        file.sha256 = HexFormat.of().formatHex(digest.digest());
        return file;
    }

    /**
     * Keeps a file that was made: in the shared folder where there is one, else in the database.
     *
     * @param id by which it is known in the folder; whatever was put there under it before is replaced
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredFile keep(Path made, String id, String mediaType) throws IOException {
        if (settings.sharedFolder() == null) {
            try (InputStream in = Files.newInputStream(made)) {
                return store(in, mediaType, Long.MAX_VALUE);
            }
        }
        Files.createDirectories(settings.sharedFolder());
        StoredFile file = begin(mediaType);
        file.place = id;
        Path part = settings.sharedFolder().resolve(id + ".part");
        MessageDigest digest = sha256();
        try (DigestInputStream in = new DigestInputStream(Files.newInputStream(made), digest)) {
            file.size = Files.copy(in, part, StandardCopyOption.REPLACE_EXISTING);
        }
        Files.move(part, settings.sharedFolder().resolve(id), StandardCopyOption.ATOMIC_MOVE);
        file.sha256 = HexFormat.of().formatHex(digest.digest());
        return file;
    }

    /** Takes files away. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void remove(Collection<UUID> ids) throws IOException {
        for (UUID id : ids) {
            StoredFile file = entities.find(StoredFile.class, id);
            if (file == null) {
                continue;
            }
            entities.createQuery("delete from FileChunk c where c.fileId = :file")
                    .setParameter("file", id)
                    .executeUpdate();
            entities.remove(file);
            if (file.place != null && settings.sharedFolder() != null) {
                Files.deleteIfExists(settings.sharedFolder().resolve(file.place));
            }
        }
    }

    private StoredFile begin(String mediaType) {
        StoredFile file = new StoredFile();
        file.id = UUID.randomUUID();
        file.mediaType = mediaType;
        file.sha256 = "";
        file.createdAt = Instant.now();
        entities.persist(file);
        entities.flush();
        return file;
    }

    private void append(StoredFile file, int position, byte[] content) {
        FileChunk chunk = new FileChunk();
        chunk.fileId = file.id;
        chunk.position = position;
        chunk.content = content;
        entities.persist(chunk);
        entities.flush();
        entities.detach(chunk);
        file.size += content.length;
    }

    @Transactional(readOnly = true)
    public StoredFile find(UUID id) {
        return entities.find(StoredFile.class, id);
    }

    /** Writes the file's content, a chunk in memory at a time. */
    public void copy(UUID id, OutputStream out) throws IOException {
        StoredFile file = transactions.execute(status -> entities.find(StoredFile.class, id));
        if (file != null && file.place != null) {
            Files.copy(shared(file), out);
            return;
        }
        Optional<byte[]> found = chunk(id, 0);
        for (int position = 1; found.isPresent(); position++) {
            out.write(found.get());
            found = chunk(id, position);
        }
    }

    private Path shared(StoredFile file) {
        Path there =
                settings.sharedFolder() == null ? null : settings.sharedFolder().resolve(file.place);
        if (there == null || !Files.isReadable(there)) {
            throw new IllegalStateException(
                    "This file is in the shared folder of the workers, which this machine does not see" + " ("
                            + file.place + "). Start the server with KNOLLWIND_SHARED naming that folder.");
        }
        return there;
    }

    /** One chunk of the content of a file in the database. */
    public Optional<byte[]> chunk(UUID id, int position) {
        List<byte[]> found = transactions.execute(status -> entities.createQuery(
                        "select c.content from FileChunk c where c.fileId = :file and c.position = :position",
                        byte[].class)
                .setParameter("file", id)
                .setParameter("position", position)
                .getResultList());
        return found == null ? Optional.empty() : found.stream().findFirst();
    }

    /** Sums that files are known by. */
    public static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
