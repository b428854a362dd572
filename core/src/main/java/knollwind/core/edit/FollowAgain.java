package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.Correction;
import knollwind.core.scene.Row;

/**
 * Takes away what was corrected in a version, so that it shows again what all do.
 *
 * @param row id of the version
 * @param correction id of what it has of its own in a scene, or in one format of it
 * @param values ids of the values that go; none for all of them
 */
public record FollowAgain(String row, String correction, List<String> values) implements Intent {
    public FollowAgain {
        values = Check.list(values);
    }

    @Override
    public Outcome on(Draft draft) {
        Row version = TableRows.row(draft, row);
        Correction own = version.own().stream()
                .filter(one -> one.id().equals(correction))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("this version follows all others there already"));
        String at = TableRows.PATH + "/" + row + "/own";
        boolean all = values.isEmpty() || own.values().stream().allMatch(one -> values.contains(one.id()));
        if (all && version.own().size() == 1) {
            return Outcome.of(List.of(new Operation.Clear(at)), "");
        }
        if (all) {
            return Outcome.of(List.of(new Operation.Remove(at + "/" + correction)), "");
        }
        return Outcome.of(
                own.values().stream()
                        .filter(one -> values.contains(one.id()))
                        .<Operation>map(one -> new Operation.Remove(at + "/" + correction + "/values/" + one.id()))
                        .toList(),
                "");
    }
}
