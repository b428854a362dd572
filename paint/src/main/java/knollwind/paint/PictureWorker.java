package knollwind.paint;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * The main program that unpacks a stranger's picture in a JVM of its own and writes it as a PNG file. It prints {@code picture
 * WIDTH HEIGHT} or {@code refused REASON}; when the file brings down the picture code, neither.
 */
public final class PictureWorker {
    private PictureWorker() {}

    public static void main(String[] arguments) throws IOException {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        try {
            PictureFile picture = PictureFile.read(Files.readAllBytes(Path.of(arguments[0])));
            Files.write(Path.of(arguments[1]), picture.png());
            out.println("picture " + picture.width() + " " + picture.height());
        } catch (IllegalArgumentException e) {
            out.println("refused " + e.getMessage());
        }
        System.exit(0);
    }
}
