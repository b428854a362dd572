package knollwind.cli;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.paint.EncoderCommand;
import knollwind.paint.FilmFile;
import knollwind.paint.PictureFile;

/** The pictures and films in a folder, by the names that inks call them by. Films are unpacked when they are first shown. */
public final class PictureFolder {
    private final Map<String, byte[]> pictures = new HashMap<>();
    private final Map<String, Path> films = new HashMap<>();
    private final Map<String, Path> unpacked = new HashMap<>();

    /** @param folder need not be there */
    public PictureFolder(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(Files::isRegularFile).sorted().toList()) {
                byte[] content = Files.readAllBytes(file);
                films.put(Texts.sha256(content), file);
                try {
                    byte[] png = PictureFile.read(content).png();
                    pictures.put(Texts.sha256(content), content);
                    pictures.put(Texts.sha256(png), png);
                } catch (IllegalArgumentException film) {
                    // Whether it is a film shows when a frame of it is asked for.
                }
            }
        }
    }

    /** Whether a picture or a film is here. */
    boolean has(String sha256) {
        return pictures.containsKey(sha256) || films.containsKey(sha256);
    }

    /** The file of a picture or of a frame of a film; null when it is not here. */
    public synchronized byte[] file(String id) {
        String[] parts = id.split("/");
        if (parts.length == 1 || !films.containsKey(parts[0])) {
            return pictures.get(id);
        }
        try {
            Path frames = unpacked.get(parts[0]);
            if (frames == null) {
                frames = unpack(films.get(parts[0]));
                unpacked.put(parts[0], frames);
            }
            return Files.readAllBytes(frames.resolve(FilmFile.name(Integer.parseInt(parts[1]))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return null;
        }
    }

    private static Path unpack(Path film) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("knollwind-film-");
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    Files.delete(file);
                }
                Files.delete(folder);
            } catch (IOException e) {
                System.err.println("could not clear " + folder.getFileName());
            }
        }));
        FilmFile.unpack(film, folder, EncoderCommand.ffmpeg());
        return folder;
    }
}
