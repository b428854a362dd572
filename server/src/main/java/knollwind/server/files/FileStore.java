package knollwind.server.files;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Files in PostgreSQL, streamed in and out in chunk rows, so that a file may be larger than memory. A file is stored in one
 * transaction: it is there whole or not at all.
 */
@Service
public class FileStore {
    /** Bytes of a row: little enough to be read at once, and enough that a film has few rows. */
    static final int CHUNK = 1 << 20;

    private final EntityManager entities;
    private final TransactionTemplate transactions;

    FileStore(EntityManager entities, TransactionTemplate transactions) {
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
        Optional<byte[]> found = chunk(id, 0);
        for (int position = 1; found.isPresent(); position++) {
            out.write(found.get());
            found = chunk(id, position);
        }
    }

    /** One chunk of a file's content. */
    public Optional<byte[]> chunk(UUID id, int position) {
        List<byte[]> found = transactions.execute(status -> entities.createQuery(
                        "select c.content from FileChunk c where c.fileId = :file and c.position = :position",
                        byte[].class)
                .setParameter("file", id)
                .setParameter("position", position)
                .getResultList());
        return found == null ? Optional.empty() : found.stream().findFirst();
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
