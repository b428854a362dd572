package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.Table;
import knollwind.core.table.Intake;

/**
 * Takes a table that was read into the project's own.
 *
 * @param from name of the file
 * @param fields ids of the fields that columns are of, in their order; empty for a column that is left out
 * @param key id of the field by which rows are known again; null where all are new ones
 * @param removesGone whether rows go that the file does not have
 */
public record TakeInTable(String from, List<List<String>> rows, List<String> fields, String key, boolean removesGone)
        implements Intent {
    public TakeInTable {
        rows = Check.list(rows);
        fields = Check.list(fields);
        if (fields.stream().allMatch(String::isEmpty)) {
            throw new IllegalArgumentException("no column is of a field; say for at least one which field it fills in");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Intake intake = intake(draft);
        Table table = new Table(
                intake.table().key(),
                intake.table().pattern(),
                from,
                intake.table().rows());
        return Outcome.saying(
                List.of(new Operation.Set("table", DocumentJson.tree(table))),
                intake.added() + " rows added, " + intake.changed() + " changed"
                        + (removesGone && intake.gone() > 0 ? ", " + intake.gone() + " taken away" : "")
                        + (intake.locked() > 0 ? ", " + intake.locked() + " locked ones left as they are" : ""));
    }

    /** What would become of the rows. */
    public Intake intake(Draft draft) {
        return Intake.of(draft.project(), rows, fields, key, removesGone, TableRows.ids(draft));
    }
}
