package knollwind.server.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.util.HexFormat;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.util.FileSystemUtils;

/** A file that comes in, written down until it has been looked at. */
final class Upload {
    /** Characters of a file’s name that are kept. */
    private static final int LONGEST_NAME = 200;

    private Upload() {}

    /**
     * Writes the content and gives back its SHA-256.
     *
     * @param what the file is meant to be, for messages
     * @param kind which says how large it may be
     */
    private static String write(InputStream content, Path file, String what, UploadKind kind) throws IOException {
        try (DigestOutputStream out = new DigestOutputStream(Files.newOutputStream(file), FileStore.sha256())) {
            byte[] buffer = new byte[1 << 16];
            long size = 0;
            for (int n = content.read(buffer); n >= 0; n = content.read(buffer)) {
                size += n;
                if (size > kind.most()) {
                    throw new IllegalArgumentException(
                            "the file of a " + what + " may have at most " + kind.megabytes() + " MB");
                }
                out.write(buffer, 0, n);
            }
            return HexFormat.of().formatHex(out.getMessageDigest().digest());
        }
    }

    /** What is made of a file that is not kept yet. */
    interface Making<K> {
        /**
         * @param file where it was written down
         * @param folder for what is made; it is gone afterwards
         */
        K make(String sha256, Path file, Path folder) throws IOException, InterruptedException;
    }

    /**
     * Takes a file in: what is known by its content is not made again.
     *
     * @param work where a folder for it can be made
     * @param what the file is meant to be, for messages
     * @param kind which says how large it may be
     */
    static <K> K take(
            InputStream content,
            Path work,
            String what,
            UploadKind kind,
            Function<String, Optional<K>> known,
            Making<K> making)
            throws IOException, InterruptedException {
        Files.createDirectories(work);
        Path folder = Files.createTempDirectory(work, what + "-");
        try {
            Path file = folder.resolve("upload.in");
            String sha256 = write(content, file, what, kind);
            Optional<K> kept = known.apply(sha256);
            return kept.isPresent() ? kept.get() : making.make(sha256, file, folder);
        } finally {
            FileSystemUtils.deleteRecursively(folder);
        }
    }

    /** The name of a file as it is kept. */
    static String label(String name) {
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
    }
}
