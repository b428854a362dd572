package knollwind.core.edit;

import java.util.List;
import java.util.Set;
import knollwind.core.document.Differences;
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
        List<Operation> operations = Differences.ofMembers(draft.tree(), then).stream()
                .filter(operation -> !OWN.contains(operation.at()))
                .toList();
        return Outcome.saying(operations, "Restored; undo brings back what was here.");
    }
}
