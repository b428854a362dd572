package knollwind.core.scene;

import java.util.List;

/**
 * The versions of a project: each row is one filled-in set of its fields.
 *
 * @param key id of the field by which a row is known again when a table is taken in anew; null for the first one
 * @param pattern of the names of files, with fields between ‹ and ›; null for the usual one
 * @param from name of the file that was taken in last; null for none
 */
public record Table(String key, String pattern, String from, List<Row> rows) {
    /** Rows of one table. */
    public static final int MOST = 10_000;

    private static final int LONGEST = 300;

    public Table {
        if (key != null) {
            Check.id(key, "the field that tells rows apart");
        }
        if (pattern != null) {
            Check.text(pattern, LONGEST, "the pattern of file names");
        }
        if (from != null) {
            Check.text(from, LONGEST, "the name of a table's file");
        }
        rows = Check.list(rows);
        Check.uniqueIds(rows, Row::id, "rows");
        if (rows.size() > MOST) {
            throw new IllegalArgumentException("a table has at most " + MOST + " rows, not " + rows.size()
                    + "; put the others into another project");
        }
    }

    /** The row with this id; one that is gone is refused. */
    public Row row(String id) {
        return rows.stream()
                .filter(row -> row.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the table has no row '" + id + "' any more"));
    }

    public static Table empty() {
        return new Table(null, null, null, List.of());
    }
}
