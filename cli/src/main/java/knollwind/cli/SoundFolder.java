package knollwind.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.sound.Recording;
import knollwind.paint.EncoderCommand;
import knollwind.paint.SoundFile;

/** The sounds in a folder, by the SHA-256 of their files. Each is unpacked when it is first heard. */
final class SoundFolder {
    private final Map<String, Path> files = new HashMap<>();
    private final Map<String, Recording> unpacked = new HashMap<>();

    /** @param folder need not be there */
    SoundFolder(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> found = Files.list(folder)) {
            for (Path file : found.filter(Files::isRegularFile).toList()) {
                files.put(Texts.sha256(Files.readAllBytes(file)), file);
            }
        }
    }

    /** Whether the recording is here. */
    boolean has(String sha256) {
        return files.containsKey(sha256);
    }

    /** The recording of the file with this content; null when it is not here. */
    synchronized Recording recording(String sha256) {
        return unpacked.computeIfAbsent(sha256, key -> files.containsKey(key) ? unpack(files.get(key)) : null);
    }

    /** The samples of any file that is a sound, in a file that goes when the command ends. */
    static SoundFile unpack(Path sound) {
        try {
            Path folder = Files.createTempDirectory("knollwind-sound-");
            Path samples = folder.resolve("samples");
            // What is named last is deleted first.
            folder.toFile().deleteOnExit();
            samples.toFile().deleteOnExit();
            SoundFile.unpack(sound, samples, folder, EncoderCommand.ffmpeg());
            return new SoundFile(samples);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return null;
        }
    }
}
