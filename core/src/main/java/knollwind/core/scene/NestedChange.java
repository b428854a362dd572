package knollwind.core.scene;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * What is different in a scene where it stands in another.
 *
 * @param id of a block of that scene
 * @param text other words; null for its own
 * @param colour other colour of its words or shape; null for its own
 */
public record NestedChange(String id, String text, String colour) {
    public NestedChange {
        Check.id(id, "a block of a scene in a scene");
        if (text != null) {
            Check.text(text, 20_000, "the words of a block");
        }
        if (colour != null) {
            Colour.check(colour);
        }
    }

    /** The block with other words and another colour. */
    Block on(Block block) {
        List<Operation> operations = new ArrayList<>();
        if (colour != null) {
            String at = block instanceof TextBlock ? "setting/fill" : "fill";
            operations.add(new Operation.Set(at, DocumentJson.tree(new Fill.Solid(Value.of(colour)))));
        }
        if (text != null && block instanceof TextBlock words && !text.equals(words.text())) {
            operations.add(new Operation.Splice("text", 0, words.text().length(), text));
        }
        if (operations.isEmpty()) {
            return block;
        }
        JsonNode tree =
                DocumentJson.tree(DocumentJson.MAPPER.writerFor(Block.class).writeValueAsString(block));
        return DocumentJson.read(new Patch(operations).apply(tree).document(), Block.class);
    }

    /** Whether anything is different at all. */
    public boolean isEmpty() {
        return text == null && colour == null;
    }

    /** The change of a block among others; one that is empty where there is none. */
    public static NestedChange of(List<NestedChange> changes, String block) {
        return changes.stream()
                .filter(change -> change.id().equals(block))
                .findFirst()
                .orElse(new NestedChange(block, null, null));
    }
}
