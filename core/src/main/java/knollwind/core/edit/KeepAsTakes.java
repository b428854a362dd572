package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.document.Upgrades;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Adds the scenes that differ in another state of the document as takes: what was made in one window while another saved.
 *
 * @param base revision on which that state builds
 * @param patch that makes it of the revision
 */
public record KeepAsTakes(long base, Patch patch) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        JsonNode mine = Upgrades.upgraded(patch.apply(draft.past().at(base)).document());
        List<ObjectNode> scenes = new ArrayList<>(draft.scenes());
        List<Operation> operations = new ArrayList<>();
        for (ObjectNode scene : Draft.scenes(mine)) {
            boolean same = draft.tree().path("scenes").valueStream().anyMatch(scene::equals);
            if (!same) {
                Operation.Insert insert = Takes.added(scenes, scene);
                operations.add(insert);
                scenes.add(insert.index(), (ObjectNode) insert.value());
            }
        }
        return Outcome.saying(operations, operations.isEmpty() ? "" : "Yours is kept beside it as a take.");
    }
}
