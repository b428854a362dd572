package knollwind.server.export;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import knollwind.core.scene.Check;

/**
 * Versions that are to be made.
 *
 * @param order what is made of each; its format, row and revision are not asked
 * @param rows their ids; all of the table when left out
 * @param changed whether only those are made that would come out other than what is there; false when left out
 * @param formats their ids or names; all of the scene when left out
 */
record VersionOrder(@NotNull @Valid ExportOrder order, List<String> rows, List<String> formats, Boolean changed) {
    VersionOrder {
        rows = Check.list(rows);
        formats = Check.list(formats);
        changed = Boolean.TRUE.equals(changed);
    }
}
