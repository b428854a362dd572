package knollwind.server.font;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.paint.FontWorker;
import knollwind.server.Settings;
import knollwind.server.WorkerProcess;
import org.springframework.stereotype.Component;

/** Has strangers' font files opened in a JVM of its own: what is made to break font code breaks that one. */
@Component
class FontCheck {
    /** A face that was found and could be drawn. */
    record Found(int index, boolean italic, String family) {}

    private final Settings settings;

    FontCheck(Settings settings) {
        this.settings = settings;
    }

    /**
     * The faces of a file.
     *
     * @throws IllegalArgumentException with the reason when the file is refused
     */
    List<Found> faces(byte[] content) throws IOException, InterruptedException {
        Files.createDirectories(settings.work());
        Path file = Files.createTempFile(settings.work(), "font-", ".check");
        try {
            Files.write(file, content);
            return read(WorkerProcess.run(FontWorker.class, settings.work(), file.toString()));
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static List<Found> read(String answer) {
        List<Found> found = new ArrayList<>();
        for (String line : answer.lines().toList()) {
            if (line.startsWith("refused ")) {
                throw new IllegalArgumentException(line.substring("refused ".length()));
            }
            if (line.equals("done")) {
                return found;
            }
            String[] words = line.split(" ", 4);
            if (words.length == 4 && words[0].equals("face")) {
                found.add(new Found(Integer.parseInt(words[1]), Boolean.parseBoolean(words[2]), words[3]));
            }
        }
        throw new IllegalArgumentException("the font file cannot be opened safely; it is damaged or made to do harm");
    }
}
