package knollwind.server.files;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import knollwind.paint.PictureWorker;
import knollwind.server.Settings;
import knollwind.server.WorkerProcess;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Pictures, each kept as the PNG that was made of it in a process of its own. */
@Service
public class Pictures {
    private final Settings settings;
    private final FileStore files;
    private final Cache<String, Boolean> kept =
            Caffeine.newBuilder().maximumSize(10_000).build();
    private final EntityManager entities;
    private final TransactionTemplate transactions;

    Pictures(Settings settings, FileStore files, EntityManager entities, TransactionTemplate transactions) {
        this.settings = settings;
        this.files = files;
        this.entities = entities;
        this.transactions = transactions;
    }

    /** A picture that is kept. */
    public record Kept(String sha256, String name, int width, int height) {}

    /**
     * Takes a picture file in.
     *
     * @throws IllegalArgumentException with the reason when it is refused
     */
    public Kept add(String name, byte[] content) throws IOException, InterruptedException {
        Files.createDirectories(settings.work());
        Path file = Files.createTempFile(settings.work(), "picture-", ".in");
        Path png = Files.createTempFile(settings.work(), "picture-", ".png");
        try {
            Files.write(file, content);
            String answer = WorkerProcess.run(PictureWorker.class, settings.work(), file.toString(), png.toString())
                    .strip();
            String[] words = answer.split(" ", 3);
            if (words[0].equals("refused")) {
                throw new IllegalArgumentException(answer.substring("refused ".length()));
            }
            if (!words[0].equals("picture")) {
                throw new IllegalArgumentException(
                        "the picture cannot be opened safely; it is damaged or made to do harm");
            }
            String label = Upload.label(name);
            String sha256 = keep(label, Files.readAllBytes(png));
            return new Kept(sha256, label, Integer.parseInt(words[1]), Integer.parseInt(words[2]));
        } finally {
            Files.deleteIfExists(file);
            Files.deleteIfExists(png);
        }
    }

    private String keep(String name, byte[] png) {
        return transactions.execute(status -> {
            try {
                StoredFile stored =
                        files.store(new ByteArrayInputStream(png), "image/png", UploadKind.PICTURE.most() * 4);
                if (entities.find(AssetEntity.class, stored.sha256()) != null) {
                    status.setRollbackOnly();
                    return stored.sha256();
                }
                AssetEntity asset = new AssetEntity();
                asset.sha256 = stored.sha256();
                asset.name = name;
                asset.fileId = stored.id();
                entities.persist(asset);
                return asset.sha256;
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
    }

    /** True when the picture is here. */
    public boolean keeps(String sha256) {
        return kept.get(sha256, key -> find(key).map(asset -> true).orElse(null)) != null;
    }

    /** A kept picture's PNG file. */
    public Optional<byte[]> content(String sha256) {
        return find(sha256).map(asset -> {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try {
                files.copy(asset.fileId, out);
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
            return out.toByteArray();
        });
    }

    private Optional<AssetEntity> find(String sha256) {
        return Optional.ofNullable(transactions.execute(status -> entities.find(AssetEntity.class, sha256)));
    }
}
