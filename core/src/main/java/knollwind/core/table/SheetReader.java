package knollwind.core.table;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import knollwind.core.scene.Table;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/** Reads the first sheet of a workbook. Formulas are not computed: what the workbook says they came to is read. */
final class SheetReader {
    /** Bytes of all parts. */
    private static final long MOST_UNPACKED = 100L << 20;

    private static final String BROKEN =
            "this workbook cannot be read; save it as .xlsx anew, or as comma-separated values";

    private SheetReader() {}

    /** @throws IllegalArgumentException when it is no workbook */
    static List<List<String>> lines(byte[] file) {
        List<List<String>> lines = new ArrayList<>();
        checkUnpacked(file);
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
            throw new IllegalArgumentException(BROKEN, e);
        }
        return lines;
    }

    /** A small file can be made to unpack to more than any memory holds. */
    private static void checkUnpacked(byte[] file) {
        byte[] some = new byte[1 << 16];
        long bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            while (zip.getNextEntry() != null) {
                for (int read = zip.read(some); read > 0; read = zip.read(some)) {
                    bytes += read;
                    if (bytes > MOST_UNPACKED) {
                        throw new IllegalArgumentException("this workbook is larger than " + (MOST_UNPACKED >> 20)
                                + " MB when it is unpacked; save the sheet as comma-separated values");
                    }
                }
            }
        } catch (IOException e) {
            throw new IllegalArgumentException(BROKEN, e);
        }
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
