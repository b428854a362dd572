package knollwind.core.simulation;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Falls in files, named by all that they depend on. Any number of programs may use one folder. Those not used longest go first. */
public final class FallFolder {
    /** Bytes of all files that are kept: some sixty minutes of a thousand bodies. */
    private static final long MOST_BYTES = 1L << 30;

    private static final String PART = ".part";

    private final Path folder;
    private final long mostBytes;

    /** @throws UncheckedIOException when it can neither be found nor made */
    public FallFolder(Path folder) {
        this(folder, MOST_BYTES);
    }

    FallFolder(Path folder, long mostBytes) {
        this.folder = folder;
        this.mostBytes = mostBytes;
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Empty where there are none, and where they cannot be read: they can be computed anew. */
    Optional<Poses> read(Setup setup) {
        Path file = folder.resolve(setup.hash());
        try {
            Optional<Poses> read =
                    Files.exists(file) ? Poses.of(setup.things().size(), Files.readAllBytes(file)) : Optional.empty();
            if (read.isPresent()) {
                Files.setLastModifiedTime(file, FileTime.from(Instant.now()));
            }
            return read;
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Nothing is lost where it cannot: whoever needs them computes them anew. */
    void write(Setup setup, Poses poses) {
        try {
            Path part = Files.createTempFile(folder, setup.hash(), PART);
            Files.write(part, poses.bytes());
            Files.move(part, folder.resolve(setup.hash()), StandardCopyOption.ATOMIC_MOVE);
            trim();
        } catch (IOException e) {
            // A full disk, or a folder that is gone.
        }
    }

    private void trim() throws IOException {
        List<Path> newest;
        try (Stream<Path> files = Files.list(folder)) {
            newest = files.sorted(Comparator.comparing(FallFolder::used).reversed())
                    .toList();
        }
        long bytes = 0;
        for (Path file : newest) {
            bytes += file.toFile().length();
            if (bytes > mostBytes) {
                Files.deleteIfExists(file);
            }
        }
    }

    private static FileTime used(Path file) {
        try {
            return Files.getLastModifiedTime(file);
        } catch (IOException gone) {
            return FileTime.fromMillis(0);
        }
    }
}
