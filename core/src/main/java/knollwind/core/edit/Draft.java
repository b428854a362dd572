package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Format;
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
 * @param scores of its blocks
 * @param past its earlier states
 * @param templates that can be used in it
 */
public record Draft(
        JsonNode tree, Project project, Typesetter typesetter, Scores scores, Past past, Templates templates) {
    /** One in which no template can be used. */
    public Draft(JsonNode tree, Project project, Typesetter typesetter, Scores scores, Past past) {
        this(tree, project, typesetter, scores, past, (template, revision) -> {
            throw new IllegalArgumentException("there is no template '" + template + "' here");
        });
    }

    /** The documents of templates. */
    public interface Templates {
        /** @throws IllegalArgumentException when there is none of this id or revision */
        JsonNode at(String template, long revision);
    }

    /** The same document with something done to it. */
    Draft after(List<Operation> operations) {
        JsonNode next = new Patch(operations).apply(tree).document();
        return new Draft(next, DocumentJson.read(next), typesetter, scores, past, templates);
    }

    /** Blocks with all that is worked out of them: when they are on, whatever they hang on, and where they are then. */
    public interface Scores {
        /** The blocks of a scene as one of its formats shows them, by their ids. */
        Map<String, BlockScore> of(Project project, Scene scene, Format format);
    }

    /** The documents of a project's revisions, of the versions that they were saved in. */
    public interface Past {
        JsonNode at(long revision);
    }

    /** The blocks of a scene as a format shows them, by their ids. */
    Map<String, BlockScore> scores(Scene scene, Format format) {
        return scores.of(project, scene, format);
    }

    /** When the blocks of a scene are on, in its base format; those that are never on are missing. */
    Map<String, BlockTiming> times(Scene scene) {
        return scores(scene, scene.formats().get(0)).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, entry -> entry.getValue().timing()));
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
