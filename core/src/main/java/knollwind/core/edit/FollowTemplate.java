package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Origin;
import knollwind.core.template.Following;
import knollwind.core.template.Uses;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lets scenes that were taken from a template follow a newer state of it. What was filled in or changed in them stays, as long as it
 * fits.
 *
 * @param scene id of one of them; all that were taken in the same go follow
 * @param revision of the template
 */
public record FollowTemplate(String scene, long revision) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Origin origin = draft.scene(scene).origin();
        if (origin == null) {
            throw new IllegalArgumentException("this scene was not taken from a template");
        }
        ObjectNode base =
                Uses.of(draft.templates().at(origin.template(), origin.revision()), origin.revision(), origin.use());
        ObjectNode theirs = Uses.of(draft.templates().at(origin.template(), revision), revision, origin.use());
        Following following = new Following();
        ArrayNode mine = base.arrayNode();
        List<String> ids = draft.project().scenes().stream()
                .filter(one -> origin.isOfOneUse(one.origin()) && one.takeOf() == null)
                .map(one -> one.id())
                .toList();
        ids.forEach(id -> mine.add(Nodes.byId(draft.tree().path("scenes"), id)));
        ArrayNode scenes = following.list(base.path("scenes"), mine, theirs.path("scenes"));
        ArrayNode own = base.arrayNode();
        draft.tree().path("fields").forEach(field -> {
            if (has(base, field) || has(theirs, field)) {
                own.add(field);
            }
        });
        ArrayNode fields = following.list(base.path("fields"), own, theirs.path("fields"));
        List<Operation> all =
                new ArrayList<>(put("fields", own, fields, draft.tree().path("fields")));
        all.addAll(put("scenes", mine, scenes, draft.tree().path("scenes")));
        DocumentJson.read(draft.after(all).tree());
        return Outcome.saying(all, following.said());
    }

    private static boolean has(JsonNode document, JsonNode field) {
        return Nodes.find(document.path("fields"), Nodes.id(field)).isPresent();
    }

    /** The elements of a list of the project in their new state: those that are there where they are, new ones behind the last of them. */
    private static List<Operation> put(String list, JsonNode before, JsonNode after, JsonNode whole) {
        List<Operation> all = new ArrayList<>();
        int last = -1;
        for (int i = 0; i < whole.size(); i++) {
            if (Nodes.find(before, Nodes.id(whole.path(i))).isPresent()) {
                last = i;
            }
        }
        int at = last < 0 ? whole.size() : last + 1;
        for (JsonNode one : after) {
            if (Nodes.find(before, Nodes.id(one)).isEmpty()) {
                all.add(new Operation.Insert(list, at++, one));
            } else if (!Nodes.byId(before, Nodes.id(one)).equals(one)) {
                all.add(new Operation.Set(list + "/" + Nodes.id(one), one));
            }
        }
        for (JsonNode one : before) {
            if (Nodes.find(after, Nodes.id(one)).isEmpty()) {
                all.add(new Operation.Remove(list + "/" + Nodes.id(one)));
            }
        }
        return all;
    }
}
