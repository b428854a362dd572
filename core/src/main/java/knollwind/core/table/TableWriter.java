package knollwind.core.table;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import knollwind.core.filling.FieldText;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes the rows of a project as a table that is read back as the same rows. Pictures and recordings are written by their names. */
public final class TableWriter {
    private TableWriter() {}

    /** Comma-separated values as RFC 4180 has them: the fields' names, then a line for each row; what a row does not say is empty. */
    public static String csv(Project project) {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(project.fields().stream().map(Field::name));
            for (Row row : project.versions().rows()) {
                printer.printRecord(project.fields().stream()
                        .map(field -> FieldText.of(row.values().get(field.id()))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
