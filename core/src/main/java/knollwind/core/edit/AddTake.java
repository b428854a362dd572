package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.document.Upgrades;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Another take of a scene, as it is now or as it was.
 *
 * @param revision the state in which it is taken; null for the present one
 * @param instead id of a scene that is taken where the state has not that one; may be null
 */
public record AddTake(String scene, Long revision, String instead) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        JsonNode from =
                revision == null ? draft.tree() : Upgrades.upgraded(draft.past().at(revision));
        JsonNode scenes = from.path("scenes");
        JsonNode take = Nodes.find(scenes, scene)
                .or(() -> instead == null ? java.util.Optional.empty() : Nodes.find(scenes, instead))
                .orElseThrow(() -> new IllegalArgumentException("this state has no such scene"));
        Operation.Insert insert = Takes.added(draft.scenes(), (ObjectNode) take);
        return Outcome.of(List.of(insert), Nodes.id(insert.value()));
    }
}
