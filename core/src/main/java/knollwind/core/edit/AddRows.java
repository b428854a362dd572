package knollwind.core.edit;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import knollwind.core.scene.Check;
import knollwind.core.scene.Row;
import knollwind.core.scene.Table;

/** New versions behind all others, in which nothing is filled in yet. */
public record AddRows(int count) implements Intent {
    public AddRows {
        Check.range(count, 1, Table.MOST, "the number of new rows");
    }

    @Override
    public Outcome on(Draft draft) {
        Supplier<String> ids = TableRows.ids(draft);
        List<Row> rows =
                Stream.generate(() -> Row.of(ids.get(), Map.of())).limit(count).toList();
        return Outcome.of(TableRows.appended(draft, rows), "");
    }
}
