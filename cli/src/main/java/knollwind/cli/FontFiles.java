package knollwind.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.OwnFont;
import picocli.CommandLine.Option;

/** Font files that a command is given beside the shipped ones. */
final class FontFiles {
    @Option(
            names = "--font",
            paramLabel = "FILE",
            description = "font file whose families can be named too; may be given several times")
    private List<Path> files = new ArrayList<>();

    /** The shipped families and those of the files. */
    FontLibrary library() throws IOException {
        FontLibrary library = new FontLibrary();
        for (Path file : files) {
            OwnFont.read(Files.readAllBytes(file)).forEach(library::add);
        }
        return library;
    }
}
