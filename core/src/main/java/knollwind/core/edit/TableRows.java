package knollwind.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Field;
import knollwind.core.scene.Row;
import knollwind.core.scene.Table;
import tools.jackson.databind.JsonNode;

/** The rows of a project's table, and how they change. */
final class TableRows {
    static final String PATH = "table/rows";

    private TableRows() {}

    static Table of(Draft draft) {
        return draft.project().versions();
    }

    static Row row(Draft draft, String id) {
        return of(draft).row(id);
    }

    static Field field(Draft draft, String id) {
        return draft.project().fields().stream()
                .filter(field -> field.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the project has no field '" + id + "' any more"));
    }

    /** Ids that no row has. */
    static Supplier<String> ids(Draft draft) {
        Ids ids = new Ids(of(draft).rows().stream().map(Row::id).toList());
        return () -> ids.first("r");
    }

    /** Rows behind all others; a table is made where there is none. */
    static List<Operation> appended(Draft draft, List<Row> rows) {
        if (draft.project().table() == null) {
            return List.of(new Operation.Set("table", DocumentJson.tree(new Table(null, null, null, rows))));
        }
        int size = of(draft).rows().size();
        if (size + rows.size() > Table.MOST) {
            throw new IllegalArgumentException("a table has at most " + Table.MOST + " rows");
        }
        return IntStream.range(0, rows.size())
                .<Operation>mapToObj(i -> new Operation.Insert(PATH, size + i, DocumentJson.tree(rows.get(i))))
                .toList();
    }

    /** What a cell says from now on, null for nothing, so that what stands in the project stays; empty where it says that already. */
    static Optional<Operation> cell(Row row, Field field, JsonNode value) {
        String at = PATH + "/" + row.id() + "/values/" + field.id();
        JsonNode before = row.values().get(field.id());
        if (value == null || value.isNull()) {
            return before == null ? Optional.empty() : Optional.of(new Operation.Clear(at));
        }
        return value.equals(before) ? Optional.empty() : Optional.of(new Operation.Set(at, value));
    }
}
