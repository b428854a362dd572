package knollwind.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The demo without its films, whose unpacking takes longer than most tests: some of its documents, and all sounds. */
public final class DemoFolder {
    private static final Path WHOLE = Path.of("..", "demo");

    private DemoFolder() {}

    /** A new folder with these documents. */
    public static Path with(String... documents) {
        try {
            Path folder = Files.createTempDirectory("knollwind-demo");
            for (String document : List.of(documents)) {
                Files.copy(WHOLE.resolve(document), folder.resolve(document));
            }
            Path sounds = Files.createDirectory(folder.resolve("sounds"));
            try (Stream<Path> files = Files.list(WHOLE.resolve("sounds"))) {
                for (Path file : files.toList()) {
                    Files.copy(file, sounds.resolve(file.getFileName()));
                }
            }
            return folder;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
