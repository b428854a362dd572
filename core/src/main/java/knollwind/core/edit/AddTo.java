package knollwind.core.edit;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Check;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Something new in a list of the document: a sound, a cue, a guide, a group, a key, a move once more.
 *
 * @param list path of the list, which may not be there yet
 * @param format id of the format that is looked at
 * @param stem what its id begins with; the number behind it is the first that nothing in the list has
 * @param numbered whether its name gets the number too: “Cue 3”
 * @param index where it is put; null for behind all others
 * @param element what is new, without an id
 */
public record AddTo(String list, String format, String stem, boolean numbered, Integer index, JsonNode element)
        implements Intent {
    public AddTo {
        Check.present(list, "the list that something is added to");
        Check.id(stem, "the stem of an id");
        if (!(element instanceof ObjectNode)) {
            throw new IllegalArgumentException("what is added to a list has members of its own");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        List<String> path = List.of(list.split("/"));
        JsonNode there = Nodes.at(draft.tree(), path);
        Set<String> taken = new HashSet<>(ids(there));
        JsonNode shown = shown(draft, there);
        taken.addAll(ids(shown));
        String id = new Ids(taken).first(stem);
        ObjectNode made = Nodes.object().put("id", id);
        made.setAll((ObjectNode) element.deepCopy());
        made.put("id", id);
        if (numbered) {
            made.put("name", element.path("name").asString("") + " " + id.substring(stem.length()));
        }
        return Outcome.of(
                List.of(
                        index == null || shown.size() == 0
                                ? Nodes.append(list, shown.size(), made)
                                : new Operation.Insert(list, index, made)),
                "");
    }

    private static Collection<String> ids(JsonNode list) {
        return list.valueStream().map(Nodes::id).collect(Collectors.toSet());
    }

    /** The list as the format shows it. */
    private JsonNode shown(Draft draft, JsonNode there) {
        return BlockPath.of(list)
                .filter(path -> !path.inside().isEmpty())
                .map(path -> {
                    Scene scene = draft.scene(path.scene());
                    return Filler.blocks(scene, scene.format(format)).stream()
                            .filter(block -> block.id().equals(path.block()))
                            .map(block -> Nodes.at(DocumentJson.blockTree(block), path.inside()))
                            .findFirst()
                            .orElse(there);
                })
                .orElse(there);
    }
}
