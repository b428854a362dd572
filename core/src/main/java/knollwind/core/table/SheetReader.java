package knollwind.core.table;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.scene.Table;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/** Reads the first sheet of a workbook. Formulas are not computed: what the workbook says they came to is read. */
final class SheetReader {
    private SheetReader() {}

    /** @throws IllegalArgumentException when it is no workbook */
    static List<List<String>> lines(byte[] file) {
        List<List<String>> lines = new ArrayList<>();
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(file));
                Stream<Row> rows = workbook.getFirstSheet().openStream()) {
            for (Row row : (Iterable<Row>) rows::iterator) {
                // One more line may name the columns; whoever counts them says that there are too many.
                if (lines.size() > Table.MOST + 1) {
                    break;
                }
                lines.add(line(row));
            }
        } catch (IOException | ExcelReaderException | IllegalStateException e) {
            throw new IllegalArgumentException(
                    "this workbook cannot be read; save it as .xlsx anew, or as comma-separated values", e);
        }
        return lines;
    }

    private static List<String> line(Row row) {
        List<String> line = new ArrayList<>();
        for (int i = 0; i < Math.min(row.getCellCount(), TableFile.MOST_COLUMNS + 1); i++) {
            Cell cell = row.getCell(i);
            line.add(cell == null || cell.getText() == null ? "" : cell.getText());
        }
        return line;
    }
}
