package knollwind.server.files;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Optional;

/** The kinds of files that can be brought in: where each is sent, and how large it may be. */
public enum UploadKind {
    ASSET(Path.ASSETS, 500),
    FONT(Path.FONTS, 20),
    PICTURE(Path.PICTURES, 100),
    FILM(Path.FILMS, 500),
    SOUND(Path.SOUNDS, 500),
    SCRIPT(Path.SCRIPTS, 20),
    TABLE(Path.TABLES, 100),
    TEMPLATE(Path.TEMPLATES, 500);

    /** Addresses, as constants that annotations can name. */
    public static final class Path {
        public static final String ASSETS = "/api/assets";
        public static final String FONTS = "/api/fonts";
        public static final String PICTURES = "/api/pictures";
        public static final String FILMS = "/api/films";
        public static final String SOUNDS = "/api/sounds";
        public static final String SCRIPTS = "/api/scripts";
        public static final String TABLES = "/api/tables";
        public static final String TEMPLATES = "/api/templates";

        private Path() {}
    }

    private final String path;
    private final int megabytes;

    UploadKind(String path, int megabytes) {
        this.path = path;
        this.megabytes = megabytes;
    }

    /** Where its files are sent. */
    public String path() {
        return path;
    }

    /** Its largest file, in bytes. */
    public long most() {
        return (long) megabytes << 20;
    }

    /** Its largest file, in megabytes. */
    public int megabytes() {
        return megabytes;
    }

    /**
     * The whole content of a small file.
     *
     * @throws IllegalArgumentException when it is larger than it may be
     */
    public byte[] read(InputStream content) throws IOException {
        byte[] bytes = content.readNBytes((int) most() + 1);
        if (bytes.length > most()) {
            throw new IllegalArgumentException("a file of this kind may have at most " + megabytes + " MB");
        }
        return bytes;
    }

    /** The kind that is sent to an address; nothing for an address that takes no files. */
    public static Optional<UploadKind> at(String address) {
        return Arrays.stream(values()).filter(kind -> kind.path.equals(address)).findFirst();
    }
}
