package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Scene;
import tools.jackson.databind.node.ObjectNode;

/**
 * An empty scene behind another one, of its rate, formats and background, five seconds long.
 *
 * @param after id of that scene
 */
public record AddScene(String after) implements Intent {
    /** As long as a title is read and a little more. */
    private static final double SECONDS = 5;

    @Override
    public Outcome on(Draft draft) {
        Scene model = draft.scene(after);
        List<ObjectNode> scenes = draft.scenes();
        boolean taken = scenes.stream()
                .anyMatch(scene -> scene.path("name").asString("").equals("Scene"));
        String name = taken ? Ids.name(scenes, "Scene") : "Scene";
        ObjectNode scene = draft.copy(after);
        ObjectNode made = scene.objectNode();
        String id = Ids.ofScenes(scenes).ofName(name);
        made.put("id", id).put("name", name);
        made.set("rate", scene.get("rate"));
        made.put("length", (int) Math.max(1, Math.round(SECONDS * model.rate().perSecond())));
        if (scene.has("background")) {
            made.set("background", scene.get("background"));
        }
        if (scene.has("measure")) {
            made.set("measure", scene.get("measure"));
        }
        made.set("formats", scene.get("formats"));
        Nodes.each(made.get("formats"), format -> format.putArray("overrides"));
        made.putArray("blocks");
        return Outcome.of(List.of(new Operation.Insert("scenes", draft.index(after) + 1, made)), id);
    }
}
