package knollwind.core.caption;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Captions as a table: start, end, text; times in seconds or as hours, minutes, seconds. */
public final class CaptionCsv {
    private CaptionCsv() {}

    /** Reads what strangers wrote, parted by commas, semicolons or tabs, with or without a line of names. */
    public static CaptionFile read(byte[] bytes) {
        List<String> mended = new ArrayList<>();
        String text = CaptionText.of(bytes, mended);
        List<CaptionFile.Raw> read = new ArrayList<>();
        int passed = 0;
        try (CSVParser rows = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(text))) {
            for (CSVRecord row : rows) {
                Optional<CaptionFile.Raw> one = row(row, read.size() + 1);
                one.ifPresent(read::add);
                passed += one.isEmpty() && row.getRecordNumber() > 1 ? 1 : 0;
            }
        } catch (IOException | UncheckedIOException unreadable) {
            throw new IllegalArgumentException("the table cannot be read: " + unreadable.getMessage());
        }
        if (passed > 0) {
            mended.add(passed + (passed == 1 ? " row has" : " rows have") + " no times and "
                    + (passed == 1 ? "was" : "were") + " left out.");
        }
        if (read.isEmpty()) {
            throw new IllegalArgumentException(
                    "no caption was found: a row has a start, an end and a text, such as 1.2,2.5,Last" + " boat home");
        }
        return CaptionFile.of(read, mended);
    }

    private static char delimiter(String text) {
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        return (char) first.chars()
                .filter(one -> one == '\t' || one == ';' || one == ',')
                .findFirst()
                .orElse(',');
    }

    /** Nothing for a row without times, as a line of names is one. */
    private static Optional<CaptionFile.Raw> row(CSVRecord row, int number) {
        if (row.size() < 3) {
            return Optional.empty();
        }
        double start = seconds(row.get(0));
        double end = seconds(row.get(1));
        return Double.isNaN(start) || Double.isNaN(end)
                ? Optional.empty()
                : Optional.of(new CaptionFile.Raw(number, start, end, CaptionText.lines(row.get(2))));
    }

    private static double seconds(String cell) {
        double time = CaptionText.seconds(cell);
        if (!Double.isNaN(time)) {
            return time;
        }
        try {
            double seconds = Double.parseDouble(cell.strip());
            return seconds >= 0 && seconds < 1e6 ? seconds : Double.NaN;
        } catch (NumberFormatException noNumber) {
            return Double.NaN;
        }
    }

    public static String write(List<Caption> captions) {
        StringWriter out = new StringWriter();
        try (CSVPrinter rows = CSVFormat.RFC4180
                .builder()
                .setHeader("start", "end", "text")
                .get()
                .print(out)) {
            for (Caption one : captions) {
                rows.printRecord(thousandths(one.start()), thousandths(one.end()), String.join("\n", one.lines()));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toString();
    }

    private static String thousandths(double seconds) {
        return String.format(Locale.ROOT, "%.3f", seconds);
    }
}
