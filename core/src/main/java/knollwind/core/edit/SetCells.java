package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.filling.FieldText;
import knollwind.core.scene.Check;
import knollwind.core.scene.Field;
import knollwind.core.scene.Row;
import tools.jackson.databind.JsonNode;

/** Says what some cells of the table say from now on. What does not fit its field is kept as it is, and told. */
public record SetCells(List<Cell> cells) implements Intent {
    /**
     * A cell.
     *
     * @param text as it is typed; null where there is a value
     * @param value as its field keeps it, such as a picture; null for the text
     */
    public record Cell(String row, String field, String text, JsonNode value) {}

    public SetCells {
        cells = Check.list(cells);
    }

    @Override
    public Outcome on(Draft draft) {
        List<Operation> all = new ArrayList<>();
        for (Cell cell : cells) {
            Field field = TableRows.field(draft, cell.field());
            Row row = TableRows.row(draft, cell.row());
            JsonNode value = cell.value() == null || cell.value().isNull()
                    ? cell.text() == null ? null : FieldText.read(field, cell.text())
                    : cell.value();
            TableRows.cell(row, field, value).ifPresent(all::add);
        }
        return Outcome.of(all, "");
    }
}
