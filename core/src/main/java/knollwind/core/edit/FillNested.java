package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/**
 * Other values for a block of a scene where that scene stands in a block of another.
 *
 * @param format id of the format of the outer scene that is looked at
 * @param block of the outer scene, in which the inner one stands
 * @param inner id of the block of the inner scene
 */
public record FillNested(String scene, String format, String block, String inner, List<Other> values)
        implements Intent {
    /**
     * Another value.
     *
     * @param path to the value in the inner block
     * @param value null for the block's own again
     */
    public record Other(List<String> path, JsonNode value) {
        public Other {
            path = Check.list(path);
        }

        private boolean own() {
            return value == null || value.isNull();
        }
    }

    public FillNested {
        values = Check.list(values);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block outer = Nodes.shownBlock(open, format, block);
        Fill.Nested nested = Nested.of(outer)
                .orElseThrow(() -> new IllegalArgumentException("no scene stands in \u201c" + outer.name() + "\u201d"));
        String list = BlockPath.of(scene, block) + (outer.asWords().isPresent() ? "/setting" : "") + "/fill/changes";
        int size = nested.changes().size();
        List<Operation> all = new ArrayList<>();
        for (Other other : values) {
            Optional<Filling> there = nested.changes().stream()
                    .filter(one -> one.block().equals(inner) && one.path().equals(other.path()))
                    .findFirst();
            if (there.isPresent()) {
                String at = list + "/" + there.get().id();
                all.add(other.own() ? new Operation.Remove(at) : new Operation.Set(at + "/value", other.value()));
            } else if (!other.own()) {
                all.add(Nodes.append(list, size++, DocumentJson.tree(Filling.of(inner, other.path(), other.value()))));
            }
        }
        return Outcome.of(all, "");
    }
}
