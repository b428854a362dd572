package knollwind.core.table;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import knollwind.core.scene.Check;
import knollwind.core.scene.Row;
import knollwind.core.scene.Table;

/**
 * A table as it was read, before anything of it is taken in.
 *
 * @param encoding what its bytes were read as; empty where that is no question
 * @param separator what stands between its cells; empty where that is no question
 * @param headed whether its first line names its columns
 * @param columns what they are called; by their numbers where no line names them
 * @param rows of text, each with a cell for each column
 * @param notes what was met on the way, in words
 */
public record TableFile(
        String encoding,
        String separator,
        boolean headed,
        List<String> columns,
        List<List<String>> rows,
        List<String> notes) {
    /** Columns of one table. */
    static final int MOST_COLUMNS = 1000;

    /** So many lines that are shorter or longer than the first are told one by one. */
    private static final int TOLD = 3;

    public TableFile {
        columns = Check.list(columns);
        rows = Check.list(rows);
        notes = Check.list(notes);
    }

    /**
     * Lines of cells as a table.
     *
     * @param headed whether the first line names the columns; null to guess
     * @throws IllegalArgumentException when there is nothing in them, or too much
     */
    static TableFile of(String encoding, String separator, List<List<String>> lines, Boolean headed) {
        List<List<String>> full = lines.stream()
                .filter(line -> line.stream().anyMatch(cell -> !cell.isBlank()))
                .toList();
        if (full.isEmpty()) {
            throw new IllegalArgumentException("there is nothing in this table");
        }
        int width = full.stream().mapToInt(List::size).max().orElse(0);
        if (width > MOST_COLUMNS) {
            throw new IllegalArgumentException("a table has at most " + MOST_COLUMNS + " columns, not " + width
                    + "; is this the right separator?");
        }
        boolean names = headed == null ? looksLikeNames(full) : headed;
        int rows = full.size() - (names ? 1 : 0);
        if (rows > Table.MOST) {
            throw new IllegalArgumentException("a table has at most " + Table.MOST + " rows, not " + rows);
        }
        List<String> notes = new ArrayList<>();
        List<List<String>> cells = new ArrayList<>();
        int usual = full.get(0).size();
        int ragged = 0;
        for (int i = names ? 1 : 0; i < full.size(); i++) {
            List<String> line = new ArrayList<>(full.get(i));
            if (line.size() != usual && ragged++ < TOLD) {
                notes.add("line " + (i + 1) + " has " + line.size() + " cells, the first one " + usual);
            }
            for (String cell : line) {
                Check.text(cell, Row.LONGEST, "a cell of line " + (i + 1));
            }
            while (line.size() < width) {
                line.add("");
            }
            cells.add(line);
        }
        if (ragged > TOLD) {
            notes.add("and " + (ragged - TOLD) + " more like these; cells that are missing are empty");
        }
        return new TableFile(encoding, separator, names, columns(full.get(0), width, names, notes), cells, notes);
    }

    /** Names that are all there, all different, and none of them a number. */
    private static boolean looksLikeNames(List<List<String>> lines) {
        List<String> first = lines.get(0).stream().map(String::strip).toList();
        boolean names = first.stream().noneMatch(cell -> cell.isEmpty() || cell.matches("[-+\\d.,: %]+"));
        return lines.size() > 1 && names && new HashSet<>(first).size() == first.size();
    }

    private static List<String> columns(List<String> first, int width, boolean names, List<String> notes) {
        List<String> columns = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < width; i++) {
            String name = names && i < first.size() ? first.get(i).strip() : "";
            String called = name.isEmpty() ? "column " + (i + 1) : name;
            String free = called;
            for (int number = 2; !taken.add(free.toLowerCase(Locale.ROOT)); number++) {
                free = called + " " + number;
            }
            if (!free.equals(called)) {
                notes.add("two columns are called \u201c" + called + "\u201d; the second is \u201c" + free
                        + "\u201d here");
            }
            columns.add(free);
        }
        return columns;
    }
}
