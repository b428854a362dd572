package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;

/** Takes versions away; locked ones stay. */
public record RemoveRows(List<String> rows) implements Intent {
    public RemoveRows {
        rows = Check.list(rows);
    }

    @Override
    public Outcome on(Draft draft) {
        List<Operation> all = rows.stream()
                .filter(id -> !TableRows.row(draft, id).isLocked())
                .<Operation>map(id -> new Operation.Remove(TableRows.PATH + "/" + id))
                .toList();
        int locked = rows.size() - all.size();
        return Outcome.saying(all, locked > 0 ? locked + " locked rows stay" : "");
    }
}
