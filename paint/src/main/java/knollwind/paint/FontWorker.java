package knollwind.paint;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import knollwind.core.type.OwnFont;

/**
 * The main program that opens a stranger's font file in a JVM of its own. It prints {@code face INDEX ITALIC NAME} for each
 * face of the file, then {@code done}; or {@code refused REASON}. When the file brings down the font code, it prints neither.
 */
public final class FontWorker {
    private FontWorker() {}

    public static void main(String[] arguments) throws IOException {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        try {
            for (OwnFont font : OwnFont.read(Files.readAllBytes(Path.of(arguments[0])))) {
                out.println("face " + font.index() + " " + font.italic() + " " + font.family());
            }
            out.println("done");
        } catch (IllegalArgumentException e) {
            out.println("refused " + e.getMessage());
        }
        System.exit(0);
    }
}
