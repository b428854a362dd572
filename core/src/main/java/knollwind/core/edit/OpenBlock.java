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
            return FieldList.added(
                    draft, FieldList.made(draft, name, Field.Kind.SWITCH, null, null, List.of(), List.of(hidden)));
        }
        if (open.asWords().isEmpty()) {
            throw new IllegalArgumentException("\u201c" + open.name() + "\u201d has no words to open as a field");
        }
        if (open.asWords().get().says() != null) {
            throw new IllegalArgumentException("the words of \u201c" + open.name()
                    + "\u201d are built by steps; open what they are built of, or type the words first");
        }
        return FieldList.added(
                draft,
                FieldList.made(
                        draft, open.name(), Field.Kind.TEXT, null, null, List.of(), List.of(Opened.of(at + "/text"))));
    }
}
