package knollwind.core.table;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import knollwind.core.document.DocumentJson;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A list of the files that were made of versions, which lies beside them.
 *
 * @param files in the order of their making
 */
public record MadeList(List<Made> files) {
    /** What the list is called, as comma-separated values and as JSON. */
    public static final String CSV = "files.csv";

    public static final String JSON = "files.json";

    /**
     * A file.
     *
     * @param version id of its row
     * @param format name
     * @param sha256 of its content, in hexadecimal
     */
    public record Made(String file, String version, String format, int frames, String sha256) {}

    /** As RFC 4180 has it, with a line of names. */
    public String csv() {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord("file", "version", "format", "frames", "sha256");
            for (Made one : files) {
                printer.printRecord(one.file(), one.version(), one.format(), one.frames(), one.sha256());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    public String json() {
        return DocumentJson.tree(files).toPrettyString() + "\n";
    }
}
