package knollwind.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import knollwind.core.document.Operation;
import knollwind.core.filling.FieldText;
import knollwind.core.scene.Check;
import knollwind.core.scene.Field;
import knollwind.core.scene.Row;
import knollwind.core.table.TableReader;
import tools.jackson.databind.JsonNode;

/**
 * Cells that were copied in a spreadsheet, put into the table from a cell on, to the right and down; rows that are not there are made.
 *
 * @param rows ids of the rows that lines go to, in the order in which they are seen; further lines make new ones behind all others
 * @param field id of the first column
 * @param text lines of cells
 */
public record PasteCells(List<String> rows, String field, String text) implements Intent {
    public PasteCells {
        rows = Check.list(rows);
    }

    @Override
    public Outcome on(Draft draft) {
        List<List<String>> lines = TableReader.cells(text == null ? "" : text);
        List<Field> fields = draft.project().fields();
        int first = fields.indexOf(TableRows.field(draft, field));
        Supplier<String> ids = TableRows.ids(draft);
        List<Operation> all = new ArrayList<>();
        List<Row> made = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Map<Field, JsonNode> values = new LinkedHashMap<>();
            int cells = Math.min(lines.get(i).size(), fields.size() - first);
            for (int column = 0; column < cells; column++) {
                Field at = fields.get(first + column);
                values.put(at, FieldText.read(at, lines.get(i).get(column)));
            }
            if (i < rows.size()) {
                Row there = TableRows.row(draft, rows.get(i));
                values.forEach((at, value) -> TableRows.cell(there, at, value).ifPresent(all::add));
            } else {
                made.add(Row.of(
                        ids.get(),
                        values.entrySet().stream()
                                .filter(one -> one.getValue() != null)
                                .collect(Collectors.toMap(one -> one.getKey().id(), Map.Entry::getValue))));
            }
        }
        if (!made.isEmpty()) {
            all.addAll(TableRows.appended(draft, made));
        }
        int widest = lines.stream().mapToInt(List::size).max().orElse(0);
        int over = widest - (fields.size() - first);
        return Outcome.saying(
                all,
                lines.size()
                        + (lines.size() == 1 ? " row" : " rows")
                        + (over > 0 ? "; " + over + " columns beyond the last field were left out" : ""));
    }
}
