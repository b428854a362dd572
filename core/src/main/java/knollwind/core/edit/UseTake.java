package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Scene;
import tools.jackson.databind.node.ObjectNode;

/** A take becomes the scene, and the scene its take: what they hold changes places, what hangs on the scene stays. */
public record UseTake(String take) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene used = draft.scene(take);
        boolean known =
                draft.project().scenes().stream().anyMatch(scene -> scene.id().equals(used.takeOf()));
        if (!known) {
            throw new IllegalArgumentException("\u201c" + used.name() + "\u201d is no take of a scene that is there");
        }
        Scene original = draft.scene(used.takeOf());
        ObjectNode scene = draft.copy(take);
        scene.put("id", original.id()).put("name", original.name());
        scene.remove("takeOf");
        ObjectNode other = draft.copy(original.id());
        other.put("id", used.id()).put("name", used.name()).put("takeOf", original.id());
        return Outcome.of(
                List.of(
                        new Operation.Set("scenes/" + original.id(), scene),
                        new Operation.Set("scenes/" + used.id(), other)),
                original.id());
    }
}
