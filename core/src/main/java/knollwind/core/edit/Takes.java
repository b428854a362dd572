package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.BlockReferences;
import knollwind.core.document.Operation;
import tools.jackson.databind.node.ObjectNode;

/** Other takes of scenes: scenes of their own that name the scene they are a take of. Their blocks keep their ids. */
final class Takes {
    private Takes() {}

    /** Inserts a scene as another take of the one with its id, right behind it and its takes. */
    static Operation.Insert added(List<ObjectNode> scenes, ObjectNode take) {
        String named = take.path("takeOf").asString("");
        String origin = has(scenes, named) ? named : Nodes.id(take);
        boolean known = has(scenes, origin);
        ObjectNode made = take.deepCopy();
        int last = scenes.size() - 1;
        String name = take.path("name").asString("").replaceAll(", take \\d+$", "");
        for (int i = 0; i < scenes.size(); i++) {
            ObjectNode scene = scenes.get(i);
            if (Nodes.id(scene).equals(origin)) {
                name = scene.path("name").asString("").replaceAll(", take \\d+$", "");
            }
            if (Nodes.id(scene).equals(origin)
                    || scene.path("takeOf").asString("").equals(origin)) {
                last = i;
            }
        }
        String stem = origin.length() > 50 ? origin.substring(0, 50) : origin;
        made.put("id", Ids.ofScenes(scenes).free(stem + "-take"));
        if (known) {
            made.put("name", Ids.numbered(scenes, name + ", take ")).put("takeOf", origin);
        } else {
            made.put("name", name);
            made.remove("takeOf");
            // Nothing else has its blocks any more, but other scenes may have others under their ids.
            BlockReferences.rename(made, BlockReferences.fresh(made, Ids.ofBlocks(scenes)::free));
        }
        return new Operation.Insert("scenes", last + 1, made);
    }

    private static boolean has(List<ObjectNode> scenes, String id) {
        return scenes.stream().anyMatch(scene -> Nodes.id(scene).equals(id));
    }
}
