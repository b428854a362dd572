package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.Typesetter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The document that an intent was made on.
 *
 * @param tree the document; it is not written to
 * @param project the same, read
 * @param past its earlier states
 */
public record Draft(JsonNode tree, Project project, Typesetter typesetter, Past past) {
    /** The documents of a project's revisions, of the versions that they were saved in. */
    public interface Past {
        JsonNode at(long revision);
    }

    /** The scenes, in order. */
    List<ObjectNode> scenes() {
        return scenes(tree);
    }

    static List<ObjectNode> scenes(JsonNode tree) {
        List<ObjectNode> scenes = new ArrayList<>();
        tree.path("scenes").forEach(scene -> scenes.add((ObjectNode) scene));
        return scenes;
    }

    /** The scene with this id. */
    Scene scene(String id) {
        return project.scenes().stream()
                .filter(scene -> scene.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the project has no scene '" + id + "'"));
    }

    /** A copy of the scene with this id, to be changed. */
    ObjectNode copy(String id) {
        return (ObjectNode) Nodes.byId(tree.path("scenes"), id).deepCopy();
    }

    int index(String id) {
        List<ObjectNode> scenes = scenes();
        for (int i = 0; i < scenes.size(); i++) {
            if (scenes.get(i).path("id").asString("").equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException("the project has no scene '" + id + "'");
    }
}
