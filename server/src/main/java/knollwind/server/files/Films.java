package knollwind.server.files;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import knollwind.core.scene.FrameRate;
import knollwind.paint.EncoderCommand;
import knollwind.paint.FilmFile;
import knollwind.server.Settings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Films, kept as their frames. */
@Service
public class Films {
    private final Settings settings;
    private final FileStore files;
    private final EntityManager entities;
    private final TransactionTemplate transactions;
    private final Cache<String, Kept> known =
            Caffeine.newBuilder().maximumSize(1000).build();

    Films(Settings settings, FileStore files, EntityManager entities, TransactionTemplate transactions) {
        this.settings = settings;
        this.files = files;
        this.entities = entities;
        this.transactions = transactions;
    }

    /** A film that is kept. */
    public record Kept(String sha256, String name, int width, int height, int frames, FrameRate rate, UUID file) {
        Kept called(String other) {
            return new Kept(sha256, other, width, height, frames, rate, file);
        }
    }

    /**
     * Takes a film in. The same film is kept once; here it is called what it was called this time.
     *
     * @throws IllegalArgumentException with the reason when it is refused
     */
    public Kept add(String name, InputStream content) throws IOException, InterruptedException {
        String label = Upload.label(name);
        return Upload.take(
                        content,
                        settings.work(),
                        "film",
                        UploadKind.FILM,
                        this::find,
                        (sha256, film, folder) ->
                                keep(sha256, label, FilmFile.unpack(film, folder, EncoderCommand.ffmpeg()), folder))
                .called(label);
    }

    /** One at a time, so that a film that comes twice at once is kept once. */
    private synchronized Kept keep(String sha256, String name, FilmFile unpacked, Path folder) {
        return transactions.execute(status -> {
            FilmEntity there = entities.find(FilmEntity.class, sha256);
            if (there != null) {
                return kept(there);
            }
            Stream<byte[]> frames = IntStream.range(0, unpacked.frames())
                    .mapToObj(frame -> bytes(folder.resolve(FilmFile.name(frame))));
            FilmEntity film = new FilmEntity();
            film.sha256 = sha256;
            film.name = name;
            film.width = unpacked.width();
            film.height = unpacked.height();
            film.frames = unpacked.frames();
            film.rateNumerator = unpacked.rate().numerator();
            film.rateDenominator = unpacked.rate().denominator();
            film.fileId = files.store(frames, "image/jpeg").id();
            entities.persist(film);
            return kept(film);
        });
    }

    private static byte[] bytes(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Kept kept(FilmEntity film) {
        return new Kept(
                film.sha256,
                film.name,
                film.width,
                film.height,
                film.frames,
                new FrameRate(film.rateNumerator, film.rateDenominator),
                film.fileId);
    }

    /** The film with this content, if it is kept. */
    public Optional<Kept> find(String sha256) {
        return Optional.ofNullable(known.get(sha256, key -> {
            FilmEntity film = transactions.execute(status -> entities.find(FilmEntity.class, key));
            return film == null ? null : kept(film);
        }));
    }

    /** A frame's JPEG file. */
    public Optional<byte[]> frame(String sha256, int frame) {
        return find(sha256).flatMap(film -> files.chunk(film.file(), frame));
    }

    /** Writes all frames of a film into a new folder, as 0.jpg, 1.jpg, …. */
    public void unpack(Kept film, Path folder) throws IOException {
        Files.createDirectories(folder);
        for (int frame = 0; frame < film.frames(); frame++) {
            try (OutputStream out = Files.newOutputStream(folder.resolve(FilmFile.name(frame)))) {
                out.write(files.chunk(film.file(), frame).orElseThrow());
            }
        }
    }
}
