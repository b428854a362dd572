package knollwind.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import knollwind.core.document.Operation;
import knollwind.core.document.Upgrades;
import tools.jackson.databind.JsonNode;

/** Makes the document what it was at a revision: one change, which can be undone. */
public record RestoreState(long revision) implements Intent {
    /** What a document is called and written by, which a restore leaves as it is. Its looks are restored with their rules. */
    private static final Set<String> OWN = Set.of("id", "documentVersion");

    @Override
    public Outcome on(Draft draft) {
        JsonNode then = Upgrades.upgraded(draft.past().at(revision));
        Set<String> members = new LinkedHashSet<>(draft.tree().propertyNames());
        members.addAll(then.propertyNames());
        List<Operation> operations = new ArrayList<>();
        for (String member : members) {
            JsonNode before = draft.tree().get(member);
            JsonNode after = then.get(member);
            if (OWN.contains(member) || (before != null && before.equals(after))) {
                continue;
            }
            operations.add(after == null ? new Operation.Clear(member) : new Operation.Set(member, after));
        }
        return Outcome.saying(operations, "Restored; undo brings back what was here.");
    }
}
