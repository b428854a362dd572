package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.BlockReferences;
import knollwind.core.document.Operation;
import tools.jackson.databind.node.ObjectNode;

/**
 * A scene once more, behind itself. Its blocks get ids of their own, so that no two blocks of the project are mistaken for each
 * other.
 */
public record DuplicateScene(String scene) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        List<ObjectNode> scenes = draft.scenes();
        ObjectNode copy = draft.copy(scene);
        String name = Ids.name(scenes, copy.path("name").asString(""));
        String id = Ids.ofScenes(scenes).ofName(name);
        copy.put("id", id).put("name", name);
        copy.remove("takeOf");
        copy.remove("origin");
        Sounds.own(copy);
        BlockReferences.rename(copy, BlockReferences.fresh(copy, Ids.ofBlocks(scenes)::free));
        return Outcome.of(List.of(new Operation.Insert("scenes", draft.index(scene) + 1, copy)), id);
    }
}
