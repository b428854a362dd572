package knollwind.server.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.util.HexFormat;

/** A file that comes in, written down until it has been looked at. */
final class Upload {
    private static final int LONGEST_NAME = 200;

    private Upload() {}

    /**
     * Writes the content and gives back its SHA-256.
     *
     * @param what the file is meant to be, for messages
     * @param most largest size in bytes; more is refused
     */
    static String write(InputStream content, Path file, String what, long most) throws IOException {
        try (DigestOutputStream out = new DigestOutputStream(Files.newOutputStream(file), FileStore.sha256())) {
            byte[] buffer = new byte[1 << 16];
            long size = 0;
            for (int n = content.read(buffer); n >= 0; n = content.read(buffer)) {
                size += n;
                if (size > most) {
                    throw new IllegalArgumentException(
                            "the file of a " + what + " may have at most " + (most >> 20) + " MB");
                }
                out.write(buffer, 0, n);
            }
            return HexFormat.of().formatHex(out.getMessageDigest().digest());
        }
    }

    /** The name of a file as it is kept. */
    static String label(String name) {
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
    }
}
