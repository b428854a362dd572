package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.Field;
import knollwind.core.scene.Row;
import tools.jackson.databind.JsonNode;

/**
 * Gives what a cell says to the cells of the same column in other rows; locked rows stay as they are.
 *
 * @param field id of the column's field
 * @param rows ids: that of the cell first
 */
public record FillDown(String field, List<String> rows) implements Intent {
    public FillDown {
        rows = Check.list(rows);
        if (rows.isEmpty()) {
            throw new IllegalArgumentException("name the row whose cell is given to others");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Field column = TableRows.field(draft, field);
        JsonNode value = TableRows.row(draft, rows.get(0)).values().get(field);
        List<Operation> all = new ArrayList<>();
        for (String id : rows.subList(1, rows.size())) {
            Row row = TableRows.row(draft, id);
            if (!row.isLocked()) {
                TableRows.cell(row, column, value).ifPresent(all::add);
            }
        }
        return Outcome.of(all, "");
    }
}
