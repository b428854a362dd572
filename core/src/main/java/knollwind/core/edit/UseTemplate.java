package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Field;
import knollwind.core.scene.Origin;
import knollwind.core.scene.Scene;
import knollwind.core.template.Uses;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes a template into the project: its scenes behind the open one, with its fields, and, as a block, a block of the open scene that
 * shows the first of them from the playhead on.
 *
 * @param template its id
 * @param revision of the template
 * @param scene id of the open scene
 * @param frame at which the playhead stands
 * @param asBlock whether it is shown in the open scene as well
 */
public record UseTemplate(String template, long revision, String scene, double frame, boolean asBlock)
        implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        ObjectNode used = Uses.of(draft.templates().at(template, revision), revision, freeUse(draft));
        List<Operation> all = new ArrayList<>();
        List<ObjectNode> scenes = new ArrayList<>(draft.scenes());
        int at = draft.index(scene) + 1;
        for (ObjectNode taken : Draft.scenes(used)) {
            String name = taken.path("name").asString("");
            if (scenes.stream().anyMatch(one -> one.path("name").asString("").equals(name))) {
                taken.put("name", Ids.name(scenes, name));
            }
            all.add(new Operation.Insert("scenes", at++, taken));
            scenes.add(taken);
        }
        all.addAll(fields(draft, used));
        all.addAll(added(draft, used, "voices"));
        all.addAll(added(draft, used, "lettering"));
        String first = Nodes.id(used.path("scenes").path(0));
        if (!asBlock) {
            return Outcome.of(all, first);
        }
        Outcome shown = new AddNested(open.id(), frame, first).on(draft.after(all));
        all.addAll(shown.operations());
        return new Outcome(all, "", shown.block(), "");
    }

    /** What no id begins with: the first of t1, t2 and so on. */
    private static String freeUse(Draft draft) {
        Set<String> taken = draft.project().scenes().stream()
                .map(Scene::origin)
                .filter(origin -> origin != null && origin.use() != null)
                .map(Origin::use)
                .collect(Collectors.toSet());
        draft.project().fields().forEach(field -> taken.add(field.id().replaceFirst("\\..*", "")));
        return new Ids(taken).first("t");
    }

    /** Behind those that are there, under names that tell them apart. */
    private static List<Operation> fields(Draft draft, JsonNode used) {
        Set<String> names = FieldList.names(draft);
        List<Operation> all = new ArrayList<>();
        int size = draft.project().fields().size();
        for (JsonNode node : used.path("fields")) {
            Field field = DocumentJson.read(node, Field.class);
            Field called = field.called(FieldList.free(names, field.name()));
            all.add(Nodes.append(FieldList.PATH, size++, DocumentJson.tree(called)));
        }
        return all;
    }

    /** The elements of a list of the project that are not there yet. */
    private static List<Operation> added(Draft draft, JsonNode used, String list) {
        JsonNode there = draft.tree().path(list);
        int size = there.size();
        List<Operation> all = new ArrayList<>();
        for (JsonNode one : used.path(list)) {
            if (Nodes.find(there, Nodes.id(one)).isEmpty()) {
                all.add(Nodes.append(list, size++, one));
            }
        }
        return all;
    }
}
