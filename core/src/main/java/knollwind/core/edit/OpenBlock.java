package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Opened;

/** Opens the words of a block as a field, or whether it is seen. */
public record OpenBlock(String scene, String block, What what) implements Intent {
    /** What of the block is open. */
    public enum What {
        @JsonProperty("words")
        WORDS,
        @JsonProperty("seen")
        SEEN
    }

    @Override
    public Outcome on(Draft draft) {
        Block open = Nodes.blockOf(draft.scene(scene), block);
        String at = BlockPath.of(scene, block);
        if (what == What.SEEN) {
            String name = FieldList.name(open.name(), "shown");
            // Off is hidden, on is not.
            Opened hidden = Opened.of(at + "/hidden", List.of(DocumentJson.tree(true), DocumentJson.tree(false)));
            return FieldList.added(draft, field(draft, name, Field.Kind.SWITCH, hidden));
        }
        if (open.asWords().isEmpty()) {
            throw new IllegalArgumentException("\u201c" + open.name() + "\u201d has no words to open as a field");
        }
        return FieldList.added(draft, field(draft, open.name(), Field.Kind.TEXT, Opened.of(at + "/text")));
    }

    private static Field field(Draft draft, String name, Field.Kind kind, Opened opened) {
        return new Field(
                FieldList.id(draft, name),
                FieldList.free(draft, name),
                kind,
                null,
                null,
                null,
                List.of(),
                null,
                null,
                List.of(opened));
    }
}
